import { narrower, type Audience } from '../access/audience';

/** When a post reaches readers, as an assignment chooses. */
export const RELEASES = ['handIn', 'accepted', 'opened'] as const;
export type Release = (typeof RELEASES)[number];

/** What has happened to a post that may bring it before readers. */
export type ReleaseMoment = 'handIn' | 'accepted' | 'opened';

/**
 * The audience that a hand-in reaches at a moment, or null when it reaches nobody yet.
 * Beyond the class a teacher's acceptance is always needed.
 * @param audience what class, assignment and writer allow together
 * @param setOpened whether the teacher has opened the assignment's whole set
 */
export function maybeReaches(
  moment: ReleaseMoment,
  release: Release,
  audience: Audience,
  { setOpened }: { readonly setOpened: boolean },
): Audience | null {
  if (audience === 'writerAndTeachers') return null;
  if (moment === 'handIn') return release === 'handIn' ? narrower(audience, 'ourClass') : null;
  return release === 'opened' && !setOpened ? null : audience;
}
