import { missingInPictures, type Outside } from '../../../core/privacy/consent';
import type { InPicturesShown } from '../../../contract/publications/inPicturesShown';
import type { MemberRow } from '../../tables/memberships';

/**
 * Of the people of a class by id, who in a post's pictures keeps it from readers outside; null for people where nobody may be named
 * who would give away whose it is.
 */
export function inPicturesShown(
  outside: Outside,
  people: ReadonlyMap<string, Pick<MemberRow, 'shownName'>> | null,
): InPicturesShown {
  const missing = missingInPictures(outside);
  if (missing.length === 0) return { names: '', whose: 'classmates' };
  const shown = missing.flatMap((one) => (one === null ? [] : (people?.get(one)?.shownName ?? [])));
  return {
    names: shown.join(', '),
    whose: !missing.includes(null) ? 'classmates' : shown.length === 0 ? 'others' : 'both',
  };
}
