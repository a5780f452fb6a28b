import { may, type Actor, type Subject } from '../../../core/access/may';
import { placeOf } from '../../../core/languages/languages';
import { monogram } from '../../../core/people/names';
import { agoInWords } from '../../../core/timing/inWords';
import type { ClassRow } from '../../tables/classes';
import type { MemberRow } from '../../tables/memberships';
import { listShownComments } from '../../deeds/readers/listShownComments';

interface Around {
  readonly actor: Actor;
  /** The post, as access knows it. */
  readonly subject: Subject;
  readonly inClass: ClassRow;
  readonly members: ReadonlyMap<string, MemberRow>;
  readonly now: Date;
}

/** What stands under a post for somebody of the class; null for everybody from outside, who see no comments. */
export async function maybeComments(postId: string, { actor, subject, inClass, members, now }: Around) {
  const shown = await listShownComments(postId, { actor, subject });
  if (!shown) return null;
  const { timeZone, language } = placeOf(inClass);
  return {
    writes: may(actor, 'comment.write', subject),
    list: shown.map((one) => {
      const author = members.get(one.authorId);
      return {
        id: one.id,
        author: author ? author.shownName : '',
        monogram: author ? monogram(author) : '',
        own: one.authorId === actor.personId,
        when: agoInWords(one.writtenAt.getTime(), now.getTime(), timeZone, language),
        text: one.text,
        state: one.state,
        version: one.version,
        tends: one.tends,
        /** Why it waits, for who decides about it; why it was kept back, for its author too. */
        reasons: one.tends ? one.reasons.map(({ reason }) => reason) : [],
        keptFor: one.keptFor,
        /** Whether a worry keeps it away, and whether who reads it can put it back. */
        away: one.away ? { putsBack: may(actor, 'words.putBack', { writerId: one.authorId }) } : null,
      };
    }),
  };
}
