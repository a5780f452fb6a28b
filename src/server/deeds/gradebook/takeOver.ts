import { takeOver as deed } from '../../../contract/gradebook/takeOver';
import { groupedBy } from '../../../core/groupedBy';
import { differencesOf, standingCells, takenOver, totalOfStanding } from '../../../core/gradebook/terms';
import { done, refused } from '../../ground/access/useCase';
import { listClosedTerms, listStandingCells, updateTitles, upsertClosedMarks } from '../../tables/terms';
import { classUseCase } from '../subjects/classUseCase';
import { inTime } from './inTime';
import { readBook } from './readBook';
import { columnsToCompare } from './columnsToCompare';
import { leftOf, titleOf } from './termOfBook';

export const takeOver = classUseCase(deed, {
  turn: true,
  async prepare(_, inClass, { database, personId, now }) {
    return inTime(readBook(database, { personId, inClass, now }));
  },
  async run({ classId, term, figures }, { timeZone }, { database }, book) {
    const closed = (await listClosedTerms(database, classId)).find((one) => one.term === term);
    if (!closed) return refused('gradebook.termOpen');
    const kept = await listStandingCells(database, classId, term);
    const { columns, cellsOf } = columnsToCompare(book, closed, timeZone);
    const marks = [];
    for (const [personId, asked] of groupedBy(figures, (one) => one.personId)) {
      const before = kept.get(personId);
      const cells = cellsOf(personId);
      if (!before || !cells) return refused('gradebook.nobody');
      const now = new Map(differencesOf(before, columns, cells).map((one) => [one.columnId, one.after]));
      // What became something else again, or is taken over already, is looked at first.
      if (asked.some(({ columnId, figure }) => now.get(columnId) !== figure))
        return refused('gradebook.figureOtherwise');
      const after = takenOver(
        before,
        standingCells(columns, cells),
        asked.map(({ columnId }) => columnId),
      );
      marks.push({
        ...{ personId, cells: after },
        ...totalOfStanding(closed.rules, after, closed.closedAt),
        ...leftOf(columns, cells),
      });
    }
    await upsertClosedMarks(database, classId, term, marks);
    await updateTitles(database, classId, term, {
      ...closed.titles,
      ...Object.fromEntries(columns.map((column) => [column.id, titleOf(column)])),
    });
    return done({ taken: figures.length });
  },
});
