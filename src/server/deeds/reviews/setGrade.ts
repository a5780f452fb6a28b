import { setGrade as deed } from '../../../contract/reviews/setGrade';
import { done, refused } from '../../ground/access/useCase';
import { upsertOverride } from '../../tables/grades';
import { handInUseCase } from '../subjects/handInUseCase';

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
