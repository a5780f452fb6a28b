import { weekdayInWords } from '../../core/timing/inWords';
import { addDays, localDate, weekday } from '../../core/timing/zonedTime';

export interface WeekDay {
  readonly date: string;
  readonly weekday: string;
  readonly day: number;
  readonly today: boolean;
}

/** The seven days of the week that today lies in, from Monday. */
export function weekAround(now: Date, timeZone: string, locale: string): readonly WeekDay[] {
  const today = localDate(now.getTime(), timeZone);
  const monday = addDays(today, 1 - weekday(today));
  return Array.from({ length: 7 }, (_, index) => {
    const date = addDays(monday, index);
    return {
      date,
      weekday: weekdayInWords(Date.parse(`${date}T12:00:00Z`), 'UTC', locale, 'short'),
      day: Number(date.slice(8)),
      today: date === today,
    };
  });
}
