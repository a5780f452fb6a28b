import { addDays, instantOf, localDate, weekday } from '../timing/zonedTime';

/** Between being told and the hour of the promise there is at least so much time; milliseconds. */
const AT_LEAST = 60 * 60_000;

/** At what time of a school day worries are read and answered, in minutes after midnight. */
export const PROMISE_MINUTES = { from: 8 * 60, to: 18 * 60, usual: 15 * 60 } as const;

/**
 * By when somebody who tells a worry is promised an answer: at the school's hour of the same day, or of the next one from Monday to
 * Friday where that is over or too near.
 * @param toldAt instant in milliseconds
 * @param minutes the school's hour, after midnight
 * @returns instant in milliseconds
 */
export function promisedBy(toldAt: number, minutes: number, timeZone: string): number {
  const clock = `${two(Math.floor(minutes / 60))}:${two(minutes % 60)}`;
  let day = localDate(toldAt, timeZone);
  for (;;) {
    const at = instantOf(`${day}T${clock}`, timeZone);
    if (weekday(day) <= 5 && at - toldAt >= AT_LEAST) return at;
    day = addDays(day, 1);
  }
}

function two(number: number): string {
  return String(number).padStart(2, '0');
}
