import { may, type Actor, type Subject } from '../../../core/access/may';
import { commentSubject } from '../subjects/commentSubject';
import { database } from '../../ground/database/database';
import { listComments, type CommentRow } from '../../tables/comments';

/** A comment that somebody sees, and whether they decide about it. */
export type CommentSeen = CommentRow & { readonly tends: boolean };

/**
 * The comments under a post that somebody may see: those that wait or were kept back only for who decides about them, and for their
 * author; those that a worry keeps away for no student but the author. Null for everybody from outside the class.
 * @param subject the post, as access knows it
 */
export async function listShownComments(
  postId: string,
  { actor, subject }: { readonly actor: Actor; readonly subject: Subject },
): Promise<readonly CommentSeen[] | null> {
  if (!may(actor, 'comment.read', subject)) return null;
  const teaches = may(actor, 'class.teach', {});
  const under = { writerOfPost: subject.writerId, personId: actor.personId };
  return (await listComments(database, postId)).flatMap((one) => {
    const tends = may(actor, 'comment.tend', commentSubject(one, under));
    const own = one.authorId === actor.personId;
    const seen = own || (one.away ? teaches : one.state === 'shown' || tends);
    return seen ? [{ ...one, tends }] : [];
  });
}
