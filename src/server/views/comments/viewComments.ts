import { may, type Actor, type Subject } from '../../../core/access/may';
import { placeOf } from '../../../core/languages/languages';
import { monogram } from '../../../core/people/names';
import { agoInWords } from '../../../core/timing/inWords';
import type { CommentSeen } from '../../deeds/readers/listShownComments';
import type { ClassRow } from '../../tables/classes';
import type { MemberRow } from '../../tables/memberships';

interface Around {
  readonly actor: Actor;
  /** The post, as access knows it. */
  readonly subject: Subject;
  readonly inClass: ClassRow;
  /** Those who wrote them, as the class calls them. */
  readonly people: ReadonlyMap<string, MemberRow>;
  readonly now: Date;
}

/** What stands under a post for somebody who sees it. */
export function commentsShown(
  comments: readonly CommentSeen[],
  { actor, subject, inClass, people, now }: Around,
) {
  const { timeZone, language } = placeOf(inClass);
  return {
    writes: may(actor, 'comment.write', subject),
    list: comments.map((one) => {
      const author = people.get(one.authorId);
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
