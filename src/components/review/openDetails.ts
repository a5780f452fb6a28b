import type { DetailShown } from '../../contract/details/detailShown';

/** The personal details that nobody has said are meant to be where they are. */
export function openDetails(details: readonly DetailShown[] | null): readonly DetailShown[] {
  return details?.filter(({ meant }) => meant === null) ?? [];
}
