import { done, refused } from '../access/useCase';
import { handInUseCase } from './handInUseCase';
import { upsertOverride } from './queries';

interface Input {
  /** The teacher's own figure; null goes back to the computed one. */
  readonly grade: number | null;
  readonly reason: string;
}

/** Gives another grade than the computed one, with a reason. */
export const setGrade = handInUseCase<Input, null>({
  name: 'setGrade',
  properties: {
    grade: { anyOf: [{ type: 'number', minimum: 0, maximum: 100_000 }, { type: 'null' }] },
    reason: { type: 'string', maxLength: 300 },
  },
  async run({ grade, reason }, { post }, { database, personId, now }) {
    if (grade !== null && !reason.trim()) return refused('review.noReason', 'reason');
    await upsertOverride(database, {
      postId: post.id,
      overrideGrade: grade,
      overrideReason: grade === null ? null : reason.trim(),
      by: personId,
      at: now,
    });
    return done(null);
  },
});
