import { setGrade as deed } from '../../../contract/reviews/setGrade';
import { done, refused } from '../../ground/access/useCase';
import { insertFigure } from '../../tables/gradeFigures';
import { handInUseCase } from '../subjects/handInUseCase';

export const setGrade = handInUseCase(deed, {
  decides: true,
  async run({ grade, reason: typed }, { post, grade: before }, { database, personId, now }) {
    if (grade !== null && !typed.trim()) return refused('review.noReason', 'reason');
    const reason = grade === null ? null : typed.trim();
    const was = before?.overrideGrade ?? null;
    // Sent again, it is said once.
    if (was !== grade || (before?.overrideReason ?? null) !== reason)
      await insertFigure(database, { postId: post.id, figure: grade, reason, by: personId, at: now });
    return done(null, { before: was, after: grade });
  },
});
