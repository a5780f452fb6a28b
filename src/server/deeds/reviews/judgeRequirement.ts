import { judgeRequirement as deed } from '../../../contract/reviews/judgeRequirement';
import { done, refused } from '../../ground/access/useCase';
import { upsertRequirementJudgement } from '../../tables/judgements';
import { handInUseCase } from '../subjects/handInUseCase';

export const judgeRequirement = handInUseCase(deed, {
  async run({ requirementId, judgement }, { post, assignment }, { database, personId, now }) {
    const requirement = assignment.requirements.find((one) => one.id === requirementId);
    if (requirement?.kind !== 'judged') return refused('review.notByEye', 'requirementId');
    const said = { postId: post.id, requirementId, judgement, reason: null, by: personId, at: now };
    await upsertRequirementJudgement(database, said);
    return done(null);
  },
});
