import { may, type Actor, type Subject } from '../../../core/access/may';
import { database } from '../../ground/database/database';
import { listComments, type CommentRow } from '../../tables/comments';

/**
 * The comments under a post that somebody may see: hidden ones only for who tends them, and for their author; those that a worry
 * keeps away for no student but the author. Null for everybody from outside the class.
 * @param subject the post, as access knows it
 */
export async function listShownComments(
  postId: string,
  { actor, subject }: { readonly actor: Actor; readonly subject: Subject },
): Promise<readonly CommentRow[] | null> {
  if (!may(actor, 'comment.read', subject)) return null;
  const tends = may(actor, 'comment.tend', {});
  const teaches = may(actor, 'class.teach', {});
  const all = await listComments(database, postId);
  return all.filter(
    (one) => one.authorId === actor.personId || (one.away ? teaches : one.state === 'shown' || tends),
  );
}
