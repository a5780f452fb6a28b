import { may, type Actor, type Subject } from '../../core/access/may';
import { monogram, nameInClass } from '../../core/people/names';
import { agoInWords } from '../../core/timing/inWords';
import type { ClassRow, MemberRow } from '../classes/queries';
import { database } from '../database/database';
import { listComments } from './queries';

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
  if (!may(actor, 'comment.read', subject)) return null;
  const tends = may(actor, 'comment.tend', {});
  const all = await listComments(database, postId);
  const shown = all.filter((one) => one.hiddenAt === null || tends || one.authorId === actor.personId);
  return {
    tends,
    writes: may(actor, 'comment.write', subject),
    list: shown.map((one) => {
      const author = members.get(one.authorId);
      return {
        id: one.id,
        author: author ? nameInClass(author) : '',
        monogram: author ? monogram(author) : '',
        own: one.authorId === actor.personId,
        when: agoInWords(one.writtenAt.getTime(), now.getTime(), inClass.timeZone, inClass.language),
        text: one.text,
        hidden: one.hiddenAt !== null,
      };
    }),
  };
}
