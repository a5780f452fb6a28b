import { addDays } from '../timing/zonedTime';
import { grade } from './grade';
import type { LateRule } from './gradeInput';

/** What a faultless post is worth after so many days. */
export interface LateDay {
  /** Days late, as they are counted; from 1. */
  readonly days: number;
  readonly grade: number;
  readonly worthNothing: boolean;
}

/** Days that are told one by one; a rule that takes longer goes on in the same way. */
const MOST_TOLD = 10;
/** A Monday; the dates only have to be some. */
const DUE = '2026-03-02';

/**
 * What a late hand-in costs day by day, for a post that earned everything, until nothing changes any more.
 * @param points what the assignment is worth, at least 0
 */
export function lateDays(rule: LateRule, points: number): readonly LateDay[] {
  if (rule.kind === 'none' || points <= 0) return [];
  const told = new Map<number, LateDay>();
  for (let date = addDays(DUE, 1); told.size < MOST_TOLD; date = addDays(date, 1)) {
    const result = grade({
      requirements: [{ earned: points, possible: points, weight: 'required' }],
      rubric: [],
      late: { ...rule, graceMinutes: 0, holidays: [] },
      due: `${DUE}T12:00`,
      timeZone: 'UTC',
      handIns: [`${date}T12:30:00Z`],
    });
    const worthNothing = result.lines.some((line) => line.kind === 'late' && line.worthNothing);
    const last = [...told.values()].at(-1);
    if (
      last &&
      last.days !== result.daysLate &&
      last.grade === result.grade &&
      last.worthNothing === worthNothing
    )
      if (worthNothing || rule.lastDays === null || rule.lastDays === undefined || last.days > rule.lastDays)
        break;
    if (!told.has(result.daysLate))
      told.set(result.daysLate, { days: result.daysLate, grade: result.grade, worthNothing });
    if (worthNothing) break;
  }
  return [...told.values()];
}
