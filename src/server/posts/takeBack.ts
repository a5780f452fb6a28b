import { takeBack as deed } from '../../contract/posts/takeBack';
import { maybeNextStage } from '../../core/posts/stage';
import { done, refused } from '../access/useCase';
import { takeFromReaders } from '../publications/putBeforeReaders';
import { findDecision } from '../reviews/queries';
import { postUseCase } from './postUseCase';
import { markTakenBack, updateStage } from './queries';

export const takeBack = postUseCase(deed, {
  turn: true,
  async run(_, { post, handIns, publication }, { database, now }) {
    const latest = handIns.at(-1);
    const next = maybeNextStage(post.stage, 'takeBack');
    if (!latest || !next) return refused('post.cannotFollow');
    await markTakenBack(database, latest.id, now);
    const standing = handIns.at(-2);
    // What stands then is what a teacher said of the hand-in before, or that it waits to be read.
    const decision = standing && (await findDecision(database, standing.id));
    await updateStage(database, post.id, standing ? (decision ?? 'handedIn') : next);
    if (publication?.revisionId === latest.revisionId) await takeFromReaders(database, post.id, now);
    return done(null);
  },
});
