import { done, refused } from '../access/useCase';
import { handInUseCase } from './handInUseCase';
import { deleteJudgement, upsertJudgement } from './queries';

interface Input {
  readonly criterionId: string;
  /** Index of the level; null takes a judgement back. */
  readonly level: number | null;
}

/** Chooses a criterion's level. */
export const judge = handInUseCase<Input, null>({
  name: 'judge',
  properties: {
    criterionId: { type: 'string', maxLength: 60 },
    level: { anyOf: [{ type: 'integer', minimum: 0, maximum: 20 }, { type: 'null' }] },
  },
  async run({ criterionId, level }, { post, assignment }, { database, personId, now }) {
    const criterion = assignment.rubric.find((one) => one.id === criterionId);
    if (!criterion) return refused('review.noCriterion', 'criterionId');
    if (level === null) await deleteJudgement(database, post.id, criterionId);
    else if (level >= criterion.levels.length) return refused('review.noLevel', 'level');
    else await upsertJudgement(database, { postId: post.id, criterionId, level, by: personId, at: now });
    return done(null);
  },
});
