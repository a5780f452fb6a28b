import { takeBackComment as takeBackCommentDeed } from '../../../contract/comments/takeBackComment';
import { tendComment as tendCommentDeed } from '../../../contract/comments/tendComment';
import { done, NOT_THERE, serve, type Context, type Found } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { findPost } from '../../tables/posts';
import { deleteComment, findComment, updateCommentState, type CommentRow } from '../../tables/comments';

/** Comments to act on. A comment holds nobody's turn: one deed on it is as good as another. */
const COMMENTS = {
  find: ({ commentId }: { readonly commentId: string }, { database }: Context) =>
    findCommentToActOn(database, commentId),
  turnOf: () => Promise.resolve([]),
};

export const tendComment = serve(tendCommentDeed, COMMENTS, {
  async run({ commentId: id, hidden }, _, { database, personId, now }) {
    const state = hidden ? 'keptBack' : 'shown';
    await updateCommentState(database, { id, state, by: personId, at: now });
    return done({});
  },
});

export const takeBackComment = serve(takeBackCommentDeed, COMMENTS, {
  async run({ commentId: id }, _, { database }) {
    return (await deleteComment(database, id)) === 1 ? done({}) : NOT_THERE;
  },
});

/** A comment as the access table asks for it: its author stands as the writer. */
async function findCommentToActOn(database: Database, id: string): Promise<Found<CommentRow> | null> {
  const comment = await findComment(database, id);
  const post = comment && (await findPost(database, comment.postId));
  if (!comment || !post) return null;
  return { subject: { writerId: comment.authorId }, classId: post.classId, subjectId: id, rows: comment };
}
