import { seriesSchema } from '../../core/assignments/series';
import { deed } from '../deed';

/**
 * Makes an assignment a series, or changes its days. Where a series is given to several classes, each has days of its own.
 */
export const repeatAssignment = deed({
  name: 'repeatAssignment',
  on: 'assignment',
  action: 'assignment.change',
  fields: {
    series: seriesSchema,
  },
}).answers<{ readonly repetitions: number }>();
