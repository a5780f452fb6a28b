import { seriesDates, seriesSchema, wrongSeries, type SeriesRule } from '../../core/assignments/series';
import { done, refused } from '../access/useCase';
import { assignmentUseCase } from './assignmentUseCase';
import { lackToSet } from './lackToSet';
import { updateSeries } from './queries';
import { deleteUnseenRepetitions, layOutSeries } from './repetitions';
import { partFromSiblings } from './taughtSiblings';

interface Input {
  readonly assignmentId: string;
  readonly series: SeriesRule;
}

/**
 * Makes an assignment a series, or changes its days. Where a series is given to several classes, each has days of its own.
 */
export const repeatAssignment = assignmentUseCase<Input, { readonly repetitions: number }>({
  name: 'repeatAssignment',
  fields: { series: seriesSchema },
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

/**
 * Ends a series in its class: what students see stays, what they do not see yet goes. The assignment itself can be changed and
 * set again, and goes its own way where the series was given to other classes.
 */
export const endSeries = assignmentUseCase<{ readonly assignmentId: string }, { readonly stay: number }>({
  name: 'endSeries',
  async run({ assignmentId: id }, { assignment }, { database, now }) {
    if (!assignment.series) return refused('assignment.noSeries');
    const stay = await deleteUnseenRepetitions(database, id, now);
    await updateSeries(database, id, null);
    await partFromSiblings(database, assignment, now);
    return done({ stay });
  },
});
