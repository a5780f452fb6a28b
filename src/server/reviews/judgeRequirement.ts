import type { Judgement } from '../../core/requirements/post';
import { done, refused } from '../access/useCase';
import { handInUseCase } from './handInUseCase';
import { deleteRequirementJudgement, upsertRequirementJudgement } from './queries';

interface Input {
  readonly requirementId: string;
  /** Null takes it back: the requirement waits for a teacher again. */
  readonly judgement: Judgement | null;
}

/** Says whether a post has what a requirement looks for by eye. */
export const judgeRequirement = handInUseCase<Input, null>({
  name: 'judgeRequirement',
  properties: {
    requirementId: { type: 'string', maxLength: 60 },
    judgement: { enum: ['yes', 'partly', 'no', null] },
  },
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
