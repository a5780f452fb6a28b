import { setGrade as deed } from '../../contract/reviews/setGrade';
import { done, refused } from '../access/useCase';
import { handInUseCase } from './handInUseCase';
import { upsertOverride } from './queries';

export const setGrade = handInUseCase(deed, {
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
