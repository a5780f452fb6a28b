import { holidayDates } from '../../core/classes/schoolYear';
import type { LateRule } from '../../core/grading/gradeInput';
import type { ClassRow } from '../classes/queries';
import type { AssignmentRow } from './queries';

/** An assignment's late rule as it holds in a class: with the class's days without school. */
export function lateRuleIn({ year }: ClassRow, { lateRule }: Pick<AssignmentRow, 'lateRule'>): LateRule {
  return { ...lateRule, holidays: holidayDates(year) };
}
