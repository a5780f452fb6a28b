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
  return Array.from({ length: 7 }, (_, index) => {
    const date = addDays(monday, index);
    return {
      date,
      weekday: shortWeekday(date, language),
      day: Number(date.slice(8)),
      today: date === today,
      off: dayOff(date, year),
    };
  });
}
