import type { Place } from '../../../core/languages/languages';
import { dayOff, type SchoolYear } from '../../../core/classes/schoolYear';
import { shortWeekday } from '../../../core/timing/inWords';
import { addDays, localDate, weekday } from '../../../core/timing/zonedTime';

export interface WeekDay {
  readonly date: string;
  readonly weekday: string;
  readonly day: number;
  readonly today: boolean;
  /** Why there is no school on a day of school: the holiday's name, or nothing between terms; null on all other days. */
  readonly off: string | null;
}

/** The seven days of the week that today lies in, from Monday. */
export function weekAround(now: Date, { timeZone, language }: Place, year: SchoolYear): readonly WeekDay[] {
  const today = localDate(now.getTime(), timeZone);
  const monday = addDays(today, 1 - weekday(today));
  return daysFrom(monday, 7).map((date) => shown(date, { today, language, year }));
}

/** Today and the days of school after it, five at most, none after `lastDay`. */
export function daysAhead(
  now: Date,
  { timeZone, language }: Place,
  { year, lastDay }: { readonly year: SchoolYear; readonly lastDay: string | null },
): readonly WeekDay[] {
  const today = localDate(now.getTime(), timeZone);
  return daysFrom(today, 14)
    .filter((date) => date === today || year.schoolDays.some((day) => day === weekday(date)))
    .filter((date) => lastDay === null || date <= lastDay)
    .slice(0, 5)
    .map((date) => shown(date, { today, language, year }));
}

function daysFrom(first: string, count: number): readonly string[] {
  return Array.from({ length: count }, (_, index) => addDays(first, index));
}

function shown(
  date: string,
  { today, language, year }: { readonly today: string; readonly language: string; readonly year: SchoolYear },
): WeekDay {
  return {
    date,
    weekday: shortWeekday(date, language),
    day: Number(date.slice(8)),
    today: date === today,
    off: dayOff(date, year),
  };
}
