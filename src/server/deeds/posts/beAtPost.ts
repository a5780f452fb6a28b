import { beAtPost as deed } from '../../../contract/posts/beAtPost';
import { done, serve } from '../../ground/access/useCase';
import { markNotesSeen } from '../../tables/notes';
import { findWriterOf } from '../../tables/revisions';
import { ofItsWriter } from '../subjects/draftUseCase';
import { turnOfPost } from '../subjects/turnOfPost';
import { findWhatGoesOn, forgetVisit, recordVisit } from './visits';

/** How long after its last sign of life a page is taken for closed. */
const ALIVE = 45_000;

export const beAtPost = serve(
  deed,
  {
    find: async ({ postId }, { database }) => ofItsWriter(await findWriterOf(database, postId)),
    turnOf: turnOfPost,
  },
  {
    async run({ page, leaving = false }, post, { database, personId, now }) {
      const visit = { postId: post.id, page, seenAt: now };
      if (leaving) await forgetVisit(database, visit);
      // Once for each page: what is sent while it stands open is new when they come back.
      else if ((await recordVisit(database, visit)) && personId === post.writerId)
        await markNotesSeen(database, post.id, now);
      const since = new Date(now.getTime() - ALIVE);
      const { others, peers } = await findWhatGoesOn(database, { postId: post.id, page, since });
      return done({ others, peers: personId === post.writerId ? peers : null });
    },
  },
);
