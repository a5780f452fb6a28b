import { judgeRequirement as deed } from '../../../contract/reviews/judgeRequirement';
import { done, refused } from '../../ground/access/useCase';
import { deleteRequirementJudgement, upsertRequirementJudgement } from '../../tables/judgements';
import { handInUseCase } from '../subjects/handInUseCase';

export const judgeRequirement = handInUseCase(deed, {
  async run({ requirementId, judgement }, { post, assignment }, { database, personId, now }) {
    const requirement = assignment.requirements.find((one) => one.id === requirementId);
    if (requirement?.kind !== 'judged') return refused('review.notByEye', 'requirementId');
    if (judgement === null) await deleteRequirementJudgement(database, post.id, requirementId);
    else
      await upsertRequirementJudgement(database, {
        postId: post.id,
        requirementId,
        judgement,
        by: personId,
        at: now,
      });
    return done(null);
  },
});
