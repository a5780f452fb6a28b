import { takeBack as deed } from '../../../contract/posts/takeBack';
import { maybeNextStage } from '../../../core/posts/stage';
import { done, refused } from '../../ground/access/useCase';
import { findDecision } from '../../tables/decisions';
import { renewFingerprints } from '../../tables/fingerprints';
import { markTakenBack } from '../../tables/handIns';
import { updateStage } from '../../tables/posts';
import { takeFromReaders } from '../publications/putBeforeReaders';
import { postUseCase } from '../subjects/postUseCase';

export const takeBack = postUseCase(deed, {
  turn: true,
  async run(_, { post, handIns, publication }, { database, now }) {
    const latest = handIns.at(-1);
    const next = maybeNextStage(post.stage, 'takeBack');
    if (!latest || !next) return refused('post.cannotFollow');
    await markTakenBack(database, latest.id, now);
    await renewFingerprints(database, post.id);
    const standing = handIns.at(-2);
    // What stands then is what a teacher said of the hand-in before, or that it waits to be read.
    const decision = standing && (await findDecision(database, standing.id));
    await updateStage(database, post.id, standing ? (decision ?? 'handedIn') : next);
    if (publication?.revisionId === latest.revisionId) await takeFromReaders(database, post.id, now);
    return done(null);
  },
});
