import type { Place } from '../languages/languages';
import { momentInWords, timeInWords } from './inWords';
import { localDate } from './zonedTime';

/** The time alone where it is of the same day as now, else the day as well. */
export function timeOrMoment(instant: number, now: number, { timeZone, language }: Place): string {
  return localDate(instant, timeZone) === localDate(now, timeZone)
    ? timeInWords(instant, timeZone, language)
    : momentInWords(instant, timeZone, language);
}
