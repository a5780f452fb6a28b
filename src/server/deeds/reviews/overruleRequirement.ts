import { overruleRequirement as deed } from '../../../contract/reviews/overruleRequirement';
import { done, refused } from '../../ground/access/useCase';
import { upsertRequirementJudgement } from '../../tables/judgements';
import { handInUseCase } from '../subjects/handInUseCase';

export const overruleRequirement = handInUseCase(deed, {
  async run({ requirementId, met, reason: typed }, { post, assignment }, { database, personId, now }) {
    const requirement = assignment.requirements.find((one) => one.id === requirementId);
    if (!requirement || requirement.kind === 'judged') return refused('review.byEye', 'requirementId');
    if (post.second?.done && post.second.readerId === personId) return refused('review.readTwice');
    const reason = typed.trim();
    if (met !== null && !reason) return refused('review.noReasonToCount', 'reason');
    await upsertRequirementJudgement(database, {
      postId: post.id,
      requirementId,
      judgement: met === null ? null : met ? 'yes' : 'no',
      reason,
      by: personId,
      at: now,
    });
    return done(null, { before: null, after: met === null ? null : met ? 'met' : 'unmet' });
  },
});
