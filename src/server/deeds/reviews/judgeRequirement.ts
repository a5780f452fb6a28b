import { judgeRequirement as deed } from '../../../contract/reviews/judgeRequirement';
import { done, refused } from '../../ground/access/useCase';
import { upsertRequirementJudgement } from '../../tables/judgements';
import { isLocked } from '../grades/isLocked';
import { handInUseCase } from '../subjects/handInUseCase';

export const judgeRequirement = handInUseCase(deed, {
  async run({ requirementId, judgement }, facts, { database, personId, now }) {
    const { post, assignment } = facts;
    const requirement = assignment.requirements.find((one) => one.id === requirementId);
    if (requirement?.kind !== 'judged') return refused('review.notByEye', 'requirementId');
    if (await isLocked(database, facts, personId)) return refused('review.readTwice');
    const said = { postId: post.id, requirementId, judgement, reason: null, by: personId, at: now };
    await upsertRequirementJudgement(database, said);
    return done(null);
  },
});
