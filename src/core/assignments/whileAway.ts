import { absenceOn, movedDay, type Absence, type AwayRule } from '../classes/absences';
import type { SchoolYear } from '../classes/schoolYear';
import { instantOf, localMinute } from '../timing/zonedTime';
import { movedGrowing, type Growing } from './growing';

/** What of an assignment depends on who is there when. */
export interface Dated {
  readonly dueAt: Date | null;
  readonly growing: Growing | null;
}

/** How a class counts its days. */
interface ClassDays {
  readonly year: SchoolYear;
  readonly timeZone: string;
  readonly away: AwayRule;
}

/**
 * When something is due for a student who is away at times, and whether it is asked of them at all. Dates on days on which they are
 * away move to a day of school after they are back, at the same time of day; or the whole is left out, where the class rules so and
 * it is due then.
 */
export function whileAway(
  { dueAt, growing }: Dated,
  absences: readonly Absence[],
  { year, timeZone, away }: ClassDays,
): Dated & { readonly excused: boolean } {
  if (absences.length === 0) return { dueAt, growing, excused: false };
  const minute = dueAt && localMinute(dueAt.getTime(), timeZone);
  const day = minute && minute.slice(0, 10);
  const excused = away.dates === 'excuse' && absenceOn(absences, day) !== null;
  if (excused) return { dueAt, growing, excused };
  const move = (on: string) => movedDay(on, absences, away.days, year);
  const moved = day && move(day);
  return {
    excused,
    dueAt: moved === day ? dueAt : new Date(instantOf(`${moved}${minute?.slice(10)}`, timeZone)),
    growing: growing && movedGrowing(growing, move),
  };
}
