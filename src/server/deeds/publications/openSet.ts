import { openSet as deed } from '../../../contract/publications/openSet';
import { cappedAudience, narrower } from '../../../core/access/audience';
import { widestWith } from '../../../core/privacy/consent';
import { maybeReaches } from '../../../core/posts/release';
import { done, refused } from '../../ground/access/useCase';
import { markOpened } from '../../tables/assignments';
import { listEverMembers } from '../../tables/memberships';
import { listAcceptedPosts } from '../../tables/publications';
import { assignmentUseCase } from '../subjects/assignmentUseCase';
import { listAppearances } from '../subjects/appearances';
import { putBeforeReaders } from './putBeforeReaders';

export const openSet = assignmentUseCase(deed, {
  turn: true,
  async run({ assignmentId }, { assignment, inClass }, { database, personId, now }) {
    if (!assignment.setAt || assignment.release !== 'opened') return refused('assignment.nothingToOpen');
    await markOpened(database, assignmentId, now);
    let published = 0;
    const members = await listEverMembers(database, inClass.id);
    const appears = await listAppearances(database, inClass, { members, now });
    for (const post of await listAcceptedPosts(database, assignmentId)) {
      const ceiling = narrower(inClass.ceiling, widestWith(appears(post.writerId, post.postId).appears));
      const wished = cappedAudience(ceiling, assignment.audience, post.audience);
      const audience = maybeReaches('opened', assignment.release, wished, { setOpened: true });
      if (!audience) continue;
      await putBeforeReaders(database, {
        postId: post.postId,
        revisionId: post.revisionId,
        audience,
        by: personId,
        now,
      });
      published += 1;
    }
    return done({ published });
  },
});
