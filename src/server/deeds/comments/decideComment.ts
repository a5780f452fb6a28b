import { takeBackComment as takeBackCommentDeed } from '../../../contract/comments/takeBackComment';
import { decideComment as decideCommentDeed } from '../../../contract/comments/decideComment';
import { done, NOT_THERE, refused, serve, type Context, type Found } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { findPost } from '../../tables/posts';
import { commentSubject } from '../subjects/commentSubject';
import { deleteComment, findComment, decideAbout, type CommentRow } from '../../tables/comments';

/** Comments to act on. A comment holds nobody's turn: one deed on it is as good as another. */
const COMMENTS = {
  find: ({ commentId }: { readonly commentId: string }, { database, personId }: Context) =>
    findCommentToActOn(database, commentId, personId),
  turnOf: () => Promise.resolve([]),
};

export const decideComment = serve(decideCommentDeed, COMMENTS, {
  async run({ commentId: id, state, version, keptFor }, comment, { database, personId, now }) {
    // Pressed twice, or by two who think alike, it is decided once.
    if (comment.state === state) return done({});
    const decision = {
      id,
      state,
      version,
      keptFor: state === 'keptBack' ? keptFor : null,
      by: personId,
      at: now,
    };
    if ((await decideAbout(database, decision)) === 1) return done({});
    // Whoever was faster may have thought alike.
    return (await findComment(database, id))?.state === state ? done({}) : refused('comment.decided');
  },
});

export const takeBackComment = serve(takeBackCommentDeed, COMMENTS, {
  async run({ commentId: id }, _, { database }) {
    return (await deleteComment(database, id)) === 1 ? done({}) : NOT_THERE;
  },
});

async function findCommentToActOn(
  database: Database,
  id: string,
  personId: string | null,
): Promise<Found<CommentRow> | null> {
  const comment = await findComment(database, id);
  const post = comment && (await findPost(database, comment.postId));
  if (!comment || !post) return null;
  return {
    subject: commentSubject(comment, { writerOfPost: post.writerId, personId }),
    classId: post.classId,
    subjectId: id,
    rows: comment,
  };
}
