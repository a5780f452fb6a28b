import { settleSecondReading as deed } from '../../../contract/secondReadings/settleSecondReading';
import { bothIn } from '../../../core/grading/secondReading';
import { done, refused } from '../../ground/access/useCase';
import { insertFigure } from '../../tables/gradeFigures';
import { upsertJudgement } from '../../tables/judgements';
import { findSecondReading, updateSettledFigure } from '../../tables/secondReadings';
import { computeGrade } from '../grades/computeGrade';
import { handInUseCase } from '../subjects/handInUseCase';
import { bothReadings } from '../grades/readingOf';

export const settleSecondReading = handInUseCase(deed, {
  async run({ levels, reason: typed }, facts, { database, personId: by, now: at }) {
    const { post, assignment, grade: said } = facts;
    const row = await findSecondReading(database, post.id);
    if (!row) return refused('review.notReadTwice');
    // Whoever judged the second time does not set the figure of both.
    if (row.readerId === by) return refused('review.secondSets');
    const { first, second, state } = await bothReadings(database, facts, row);
    if (!bothIn(state)) return refused('review.secondOpen');
    const reason = typed.trim();
    if (!reason) return refused('review.noReason', 'reason');
    for (const { id, levels: of } of assignment.rubric) {
      const level = levels[id];
      if (level === undefined) return refused('review.judgeFirst', 'levels', { open: 1 });
      if (level >= of.length) return refused('review.noLevel', 'levels');
    }
    const chosen = assignment.rubric.map(({ id }) => ({ criterionId: id, level: levels[id] ?? 0 }));
    const { grade: figure } = computeGrade({ ...facts, grade: null }, chosen, first.overrulings);
    const before = row.settled;
    const gave = { first: before?.first ?? first.grade.grade, second: second.grade.grade };
    const set = done({ figure }, { before: `${gave.first}, ${gave.second}`, after: String(figure) });
    // Sent again, it is set once.
    if (before?.figure === figure && before.reason === reason && sameLevels(first.levels, levels)) return set;
    for (const { criterionId, level } of chosen)
      if (first.levels[criterionId] !== level)
        await upsertJudgement(database, { postId: post.id, criterionId, level, by, at });
    if (said?.overrideGrade != null)
      await insertFigure(database, { postId: post.id, figure: null, reason: null, by, at });
    await updateSettledFigure(database, {
      postId: post.id,
      firstLevels: first.levels,
      ...gave,
      figure,
      reason,
      by,
      at,
    });
    return set;
  },
});

function sameLevels(
  one: Readonly<Record<string, number>>,
  another: Readonly<Record<string, number>>,
): boolean {
  return Object.entries(another).every(([id, level]) => one[id] === level);
}
