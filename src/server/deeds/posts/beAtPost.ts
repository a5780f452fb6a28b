import { beAtPost as deed } from '../../../contract/posts/beAtPost';
import { done, serve } from '../../ground/access/useCase';
import { findWriterOf } from '../../tables/revisions';
import { ofItsWriter } from '../subjects/draftUseCase';
import { turnOfPost } from '../subjects/turnOfPost';
import { countOtherVisits, forgetVisit, recordVisit } from './visits';

/** How long after its last sign of life a page is taken for closed. */
const ALIVE = 45_000;

export const beAtPost = serve(
  deed,
  {
    find: async ({ postId }, { database }) => ofItsWriter(await findWriterOf(database, postId)),
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
