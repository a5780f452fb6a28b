import { beAtPost as deed } from '../../contract/posts/beAtPost';
import { done, serve } from '../access/useCase';
import { findWriterOf } from './queries';
import { turnOfPost } from './turnOfPost';
import { countOtherVisits, forgetVisit, recordVisit } from './visits';

/** How long after its last sign of life a page is taken for closed. */
const ALIVE = 45_000;

export const beAtPost = serve(
  deed,
  {
    async find({ postId }, { database }) {
      const post = await findWriterOf(database, postId);
      return (
        post && {
          subject: { writerId: post.writerId },
          classId: post.classId,
          subjectId: post.id,
          rows: post,
        }
      );
    },
    turnOf: turnOfPost,
  },
  {
    async run({ page, leaving = false }, post, { database, now }) {
      await (leaving ? forgetVisit : recordVisit)(database, { postId: post.id, page, seenAt: now });
      const since = new Date(now.getTime() - ALIVE);
      return done({ others: await countOtherVisits(database, { postId: post.id, page, since }) });
    },
  },
);
