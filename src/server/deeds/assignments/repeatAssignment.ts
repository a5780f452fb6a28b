import { endSeries as endSeriesDeed } from '../../../contract/assignments/endSeries';
import { repeatAssignment as repeatAssignmentDeed } from '../../../contract/assignments/repeatAssignment';
import { seriesDates, wrongSeries } from '../../../core/assignments/series';
import { done, refused } from '../../ground/access/useCase';
import { updateSeries } from '../../tables/assignmentSeries';
import { assignmentUseCase } from '../subjects/assignmentUseCase';
import { lackToSet } from './lackToSet';
import { deleteUnseenRepetitions, layOutSeries } from './repetitions';
import { partFromSiblings } from './taughtSiblings';

export const repeatAssignment = assignmentUseCase(repeatAssignmentDeed, {
  // Each of its days is there once, with the next number.
  turn: true,
  async run({ series: rule }, rows, { database, personId, now }) {
    const { assignment, inClass } = rows;
    const isShared = assignment.sharedId !== null && !assignment.series;
    if (assignment.setAt || assignment.seriesId || isShared)
      return refused('assignment.notRepeated', 'series');
    if (assignment.growing) return refused('assignment.growsInSeries', 'growing');
    const lack = lackToSet(assignment, { dated: false });
    if (lack) return lack;
    const wrong = wrongSeries(rule);
    if (wrong) return refused(`assignment.series.${wrong.fault}`, wrong.field);
    const { dates } = seriesDates(rule, inClass.year);
    if (dates.length === 0) return refused('assignment.series.empty', 'series.first');
    await layOutSeries(database, rows, { rule, dates, by: personId, now });
    return done({ repetitions: dates.length });
  },
});

export const endSeries = assignmentUseCase(endSeriesDeed, {
  turn: true,
  async run({ assignmentId: id }, { assignment }, { database, now }) {
    if (!assignment.series) return refused('assignment.noSeries');
    const stay = await deleteUnseenRepetitions(database, id, now);
    await updateSeries(database, id, null);
    await partFromSiblings(database, assignment, now);
    return done({ stay });
  },
});
