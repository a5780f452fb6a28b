import { dateFormat, languageIn, relativeFormat } from './formatters';
import { kept } from './kept';
import { localDate, localMinute } from './zonedTime';

const DAY = 86_400_000;

/** A moment in words, in a time zone: "Thursday 19 November, 4 pm". */
export function momentInWords(instant: number, timeZone: string, locale: string): string {
  return localMomentInWords(localMinute(instant, timeZone), locale);
}

/** A local minute, such as `2026-11-19T16:00`, in the same words. */
export function localMomentInWords(minute: string, locale: string): string {
  return `${localDayInWords(minute.slice(0, 10), locale)}, ${localTimeInWords(minute.slice(11), locale)}`;
}

/** A day in words: "Thursday 19 November", "Donnerstag, 19. November". */
export function dayInWords(instant: number, timeZone: string, locale: string): string {
  return localDayInWords(localDate(instant, timeZone), locale);
}

/** Days and times of day in words, by language: many things of a class are of the same ones. */
const days = new Map<string, string>();
const dates = new Map<string, string>();
const times = new Map<string, string>();

/** A local day, such as `2026-11-19`, as "Thursday 19 November". */
export function localDayInWords(day: string, locale: string): string {
  return kept(days, `${locale} ${day}`, () => {
    const style = { weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' } as const;
    const text = dateFormat(locale, style).format(atNoon(day));
    // English reads without the comma; German wants it.
    return isEnglish(locale) ? text.replace(',', '') : text;
  });
}

/** A day without its weekday: "19 November". */
export function dateInWords(instant: number, timeZone: string, locale: string): string {
  const day = localDate(instant, timeZone);
  return kept(dates, `${locale} ${day}`, () =>
    dateFormat(locale, { day: 'numeric', month: 'long', timeZone: 'UTC' }).format(atNoon(day)),
  );
}

function atNoon(day: string): Date {
  return new Date(`${day}T12:00:00Z`);
}

/** The name of a weekday, long or short. */
export function weekdayInWords(
  instant: number,
  timeZone: string,
  locale: string,
  width: 'long' | 'short' = 'long',
): string {
  return dateFormat(locale, { weekday: width, timeZone }).format(new Date(instant));
}

/** A local date with little room: "Tue 10 Nov", or "Wed 11" beside one that names the month. */
export function shortDay(date: string, locale: string, { month }: { readonly month: boolean }): string {
  const text = dateFormat(locale, {
    weekday: 'short',
    day: 'numeric',
    ...(month ? { month: 'short' } : {}),
    timeZone: 'UTC',
  }).format(atNoon(date));
  // English puts the weekday after a number that stands alone.
  return isEnglish(locale) ? text.replace(',', '').replace(/^(\d+) (\p{L}+)$/u, '$2 $1') : text;
}

/** The short name of the weekday that a local date falls on. */
export function shortWeekday(date: string, locale: string): string {
  return weekdayInWords(atNoon(date).getTime(), 'UTC', locale, 'short');
}

/** A time of day in words, not to be broken: "4 pm", "2.47 pm" where the language has a twelve-hour clock, else "16:00", in German "16:00 Uhr". */
export function timeInWords(instant: number, timeZone: string, locale: string): string {
  return localTimeInWords(localMinute(instant, timeZone).slice(11), locale);
}

/** @param time `16:00` */
function localTimeInWords(time: string, locale: string): string {
  return kept(times, `${locale} ${time}`, () => {
    const twelveHours = isEnglish(locale);
    const text = dateFormat(locale, {
      hour: 'numeric',
      minute: '2-digit',
      hourCycle: twelveHours ? 'h12' : 'h23',
      timeZone: 'UTC',
    }).format(new Date(`1970-01-01T${time}Z`));
    if (twelveHours) return text.replace(/:00/, '').replace(':', '.').replace(/\s/u, '\u00A0').toLowerCase();
    return languageIn(locale) === 'de' ? `${text.replace(/ Uhr$/, '')}\u00A0Uhr` : text;
  });
}

function isEnglish(locale: string): boolean {
  return languageIn(locale) === 'en';
}

/** A moment of the past as one remembers it: "today, 1.20 pm", "yesterday", "Friday", "3 September". */
export function agoInWords(instant: number, now: number, timeZone: string, locale: string): string {
  const days = daysBetween(localDate(instant, timeZone), localDate(now, timeZone));
  const relative = relativeFormat(locale);
  if (days === 0) return `${relative.format(0, 'day')}, ${timeInWords(instant, timeZone, locale)}`;
  if (days === 1) return relative.format(-1, 'day');
  return days > 0 && days < 7
    ? weekdayInWords(instant, timeZone, locale)
    : dateInWords(instant, timeZone, locale);
}

/** The month of a local date with its year: "July 2027". */
export function monthInWords(date: string, locale: string): string {
  return dateFormat(locale, { month: 'long', year: 'numeric', timeZone: 'UTC' }).format(
    new Date(`${date}T00:00:00Z`),
  );
}

/** How many calendar days lie between two local dates; negative when the second is earlier. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / DAY);
}
