import {
  dropPeerRule as dropDeed,
  keepPeerRule as keepDeed,
} from '../../../contract/peerReading/keepPeerRule';
import { questionsAsked, TO_CHANGE } from '../../../core/peerReading/rule';
import { instantOf } from '../../../core/timing/zonedTime';
import { done, refused } from '../../ground/access/useCase';
import { insertJob } from '../../ground/jobs/queries';
import { deletePeerRule, deleteRound, findLatestRound, upsertPeerRule } from '../../tables/peerRounds';
import { assignmentUseCase } from '../subjects/assignmentUseCase';

export const keepPeerRule = assignmentUseCase(keepDeed, {
  turn: true,
  async run({ assignmentId, questions, at, ...rule }, { assignment, inClass }, { database, now }) {
    // Whoever reads drafts with their names knows the hand-ins again.
    if (assignment.hidesNames) return refused('peer.hidesNames');
    const asked = questionsAsked(questions);
    if (asked.length === 0) return refused('peer.noQuestions', 'questions');
    const takesAt = at === null ? null : new Date(instantOf(at, inClass.timeZone));
    const draws = takesAt && new Date(takesAt.getTime() - TO_CHANGE);
    if (draws && draws < now) return refused('peer.tooSoon', 'at');
    await upsertPeerRule(database, { assignmentId, ...rule, questions: asked, takesAt });
    if (draws) await insertJob(database, { kind: 'drawPeers', payload: { assignmentId }, at: draws });
    return done(null);
  },
});

export const dropPeerRule = assignmentUseCase(dropDeed, {
  turn: true,
  async run({ assignmentId }, _, { database }) {
    const round = await findLatestRound(database, assignmentId);
    if (round && !round.takenAt) await deleteRound(database, round.id);
    await deletePeerRule(database, assignmentId);
    return done(null);
  },
});
