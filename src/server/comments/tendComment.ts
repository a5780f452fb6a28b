import { idSchema } from '../input/idSchema';
import { done, type Found, type UseCase } from '../access/useCase';
import type { Database } from '../database/database';
import { findPost } from '../posts/queries';
import { deleteComment, findComment, updateHidden, type CommentRow } from './queries';

const commentId = idSchema;

/** Hides a comment from its readers, or shows it again. Its author goes on seeing it, and that it is hidden. */
export const tendComment: UseCase<
  { readonly commentId: string; readonly hidden: boolean },
  CommentRow,
  object
> = {
  name: 'tendComment',
  action: 'comment.tend',
  input: {
    type: 'object',
    required: ['commentId', 'hidden'],
    additionalProperties: false,
    properties: { commentId, hidden: { type: 'boolean' } },
  },
  find: ({ commentId: id }, { database }) => findCommentToActOn(database, id),
  async run({ commentId: id, hidden }, _, { database, personId, now }) {
    await updateHidden(database, { id, at: hidden ? now : null, by: hidden ? personId : null });
    return done({});
  },
};

/** Takes back a comment of one's own: it is gone. */
export const takeBackComment: UseCase<{ readonly commentId: string }, CommentRow, object> = {
  name: 'takeBackComment',
  action: 'comment.takeBack',
  input: {
    type: 'object',
    required: ['commentId'],
    additionalProperties: false,
    properties: { commentId },
  },
  find: ({ commentId: id }, { database }) => findCommentToActOn(database, id),
  async run({ commentId: id }, _, { database }) {
    await deleteComment(database, id);
    return done({});
  },
};

/** A comment as the access table asks for it: its author stands as the writer. */
async function findCommentToActOn(database: Database, id: string): Promise<Found<CommentRow> | null> {
  const comment = await findComment(database, id);
  const post = comment && (await findPost(database, comment.postId));
  if (!comment || !post) return null;
  return { subject: { writerId: comment.authorId }, classId: post.classId, subjectId: id, rows: comment };
}
