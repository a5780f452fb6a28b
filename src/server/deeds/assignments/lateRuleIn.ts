import { holidayDates } from '../../../core/classes/schoolYear';
import type { LateRule } from '../../../core/grading/gradeInput';
import type { ClassRow } from '../../tables/classes';
import type { AssignmentRow } from '../../tables/assignments';

/**
 * An assignment's late rule as it holds in a class: with the class's days without school. A growing post is handed in
 * early and often, so the hand-in that was accepted is the one that may be late.
 */
export function lateRuleIn(
  { year }: ClassRow,
  { lateRule, growing }: Pick<AssignmentRow, 'lateRule' | 'growing'>,
): LateRule {
  return { ...lateRule, ...(growing ? { countFrom: 'accepted' } : {}), holidays: holidayDates(year) };
}
