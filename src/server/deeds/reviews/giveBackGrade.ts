import { giveBackGrade as deed } from '../../../contract/reviews/giveBackGrade';
import { isSettledTwice } from '../../../core/grading/secondReading';
import { done, refused } from '../../ground/access/useCase';
import { insertGivenBack } from '../../tables/gradeFigures';
import { findOverrulings, listJudgements } from '../../tables/judgements';
import { findSecondReading } from '../../tables/secondReadings';
import { notifyWriter } from '../mail/notify';
import { bothReadings } from '../grades/readingOf';
import { handInUseCase } from '../subjects/handInUseCase';
import { computeGrade } from '../grades/computeGrade';

export const giveBackGrade = handInUseCase(deed, {
  decides: true,
  async run({ reason: typed = '' }, facts, { database, personId, now }) {
    const { post, grade: said } = facts;
    const grade = computeGrade(
      facts,
      await listJudgements(database, post.id),
      await findOverrulings(database, post.id),
    );
    // A figure of the teacher's own stands whatever is not judged yet.
    if (grade.provisional && said?.overrideGrade == null) return refused('review.provisional');
    const twice = post.second && (await findSecondReading(database, post.id));
    if (twice) {
      const { state } = await bothReadings(database, facts, twice);
      if (!isSettledTwice(state))
        return refused(state === 'apart' ? 'review.secondApart' : 'review.secondOpen');
    }
    const before = said?.givenBack ?? null;
    // Given back twice, it is given back once.
    if (before && JSON.stringify(before) === JSON.stringify(grade)) return done(null);
    const reason = typed.trim() || (said?.overrideGrade == null ? '' : (said.overrideReason ?? ''));
    if (before && before.grade !== grade.grade && !reason)
      return refused('review.noReasonAgain', 'reason', { before: before.grade, after: grade.grade });
    await insertGivenBack(database, {
      postId: post.id,
      givenBack: grade,
      changeReason: before ? reason : null,
      by: personId,
      at: now,
    });
    await notifyWriter(database, 'gradeBack', facts, now);
    return done(null, { before: before?.grade ?? null, after: grade.grade });
  },
});
