import { addDays, instantOf, localDate, weekday } from '../timing/zonedTime';
import type { LateRule } from './gradeInput';

const MINUTE = 60_000;

/**
 * How many days late a hand-in is: 0 up to and including the whole minute of due + grace; after that the calendar
 * dates in the class's time zone after the due date up to the hand-in's, with `schoolDaysOnly` only Mondays to
 * Fridays that are no holidays; always at least 1.
 * @param handIn milliseconds since 1970
 * @param due local date and time, the extension where one was agreed
 */
export function daysLate(handIn: number, due: string, timeZone: string, rule: LateRule): number {
  const until = instantOf(due, timeZone) + (rule.graceMinutes ?? 0) * MINUTE;
  if (Math.floor(handIn / MINUTE) <= Math.floor(until / MINUTE)) return 0;
  const last = localDate(handIn, timeZone);
  const holidays = new Set(rule.holidays ?? []);
  let days = 0;
  for (let date = addDays(due.slice(0, 10), 1); date <= last; date = addDays(date, 1))
    if (!rule.schoolDaysOnly || (weekday(date) <= 5 && !holidays.has(date))) days += 1;
  return Math.max(1, days);
}
