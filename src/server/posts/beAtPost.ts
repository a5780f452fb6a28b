import { postUseCase } from './postUseCase';
import { beAtPost as deed } from '../../contract/posts/beAtPost';
import { done } from '../access/useCase';
import { countOtherVisits, recordVisit } from './visits';

/** How long after its last sign of life a page is taken for closed. */
const ALIVE = 45_000;

export const beAtPost = postUseCase(deed, {
  besidePost: true,
  async run({ page, leaving = false }, { post }, { database, now }) {
    await recordVisit(database, { postId: post.id, page, seenAt: leaving ? new Date(0) : now });
    const since = new Date(now.getTime() - ALIVE);
    return done({ others: await countOtherVisits(database, { postId: post.id, page, since }) });
  },
});
