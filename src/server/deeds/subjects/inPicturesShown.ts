import { missingInPictures, type Outside } from '../../../core/privacy/consent';
import type { InPicturesShown } from '../../../contract/publications/inPicturesShown';
import type { MemberRow } from '../../tables/memberships';

/** Of the people of a class, who in a post's pictures keeps it from readers outside. */
export function inPicturesShown(outside: Outside, members: readonly MemberRow[]): InPicturesShown {
  const missing = missingInPictures(outside);
  // So it is for most posts, and a class may be large.
  if (missing.length === 0) return { names: '', whose: 'classmates' };
  const names = new Map(members.map((member) => [member.personId, member.shownName]));
  const shown = missing.flatMap((one) => (one === null ? [] : (names.get(one) ?? [])));
  return {
    names: shown.join(', '),
    whose: !missing.includes(null) ? 'classmates' : shown.length === 0 ? 'others' : 'both',
  };
}
