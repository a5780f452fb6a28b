import { addDays, instantOf, localDate } from '../timing/zonedTime';

/** A supply teacher is let in for so many days at most; who stays longer is a co-teacher. */
export const MOST_DAYS = 183;

/** When a last day is over, or why it can be none. */
export type LastDay =
  { readonly ok: true; readonly until: Date } | { readonly ok: false; readonly problem: 'over' | 'tooFar' };

/**
 * When the last day of somebody who is let in for a while is over: it counts to its midnight where the class is.
 * @param day local date, `2026-11-27`
 */
export function endOfLastDay(day: string, now: Date, timeZone: string): LastDay {
  const today = localDate(now.getTime(), timeZone);
  if (day < today) return { ok: false, problem: 'over' };
  if (day > addDays(today, MOST_DAYS)) return { ok: false, problem: 'tooFar' };
  return { ok: true, until: new Date(instantOf(`${addDays(day, 1)}T00:00`, timeZone)) };
}

/** The last whole day of a place that ends at an instant, as a local date. */
export function lastDayOf(until: Date, timeZone: string): string {
  return localDate(until.getTime() - 1, timeZone);
}
