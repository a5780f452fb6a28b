import { fold } from '../text/alike';

const WEEKDAYS = [1, 2, 3, 4, 5, 6, 7];

/** The day as it is written in the class's language, such as "14 September". */
export function formattedDate(date: string, language: string): string {
  return new Intl.DateTimeFormat(language, { day: 'numeric', month: 'long', timeZone: 'UTC' }).format(
    new Date(`${date}T00:00:00Z`),
  );
}

/**
 * A regular expression's source for every accepted way of writing one day, in folded text: `2026-09-14`,
 * `14 September 2026`, `14 September`, `September 14`, `14.9.`, `14/9` (month first for en-US), with leading zeros,
 * ordinals, short month names and any weekday before.
 * @param date `2026-09-14`
 */
export function datePattern(date: string, language: string): string {
  const [year = '', month = '', day = ''] = date.split('-').map((part) => String(Number(part)));
  const d = `0?${day}(?:st|nd|rd|th|er|\\.|º|ª|°|o|e)?`;
  const m = `0?${month}`;
  const name = `(?:${monthNames(date, language).join('|')})\\.?`;
  const of = String.raw`\s*(?:of |de |d')?\s*`;
  const maybeYear = String.raw`(?:,?\s*(?:de |del )?${year})?`;
  const numeric = language.toLowerCase() === 'en-us' ? `${m}/0?${day}` : `0?${day}/${m}`;
  const forms = [
    `${year}-0?${month}-0?${day}`,
    `${d}${of}${name}${maybeYear}`,
    `${name}\\s*${d}${maybeYear}`,
    `0?${day}\\.\\s?${m}(?:\\.(?:\\s?${year})?)?`,
    `${numeric}(?:/${year})?`,
  ];
  return String.raw`(?:(?:${weekdayNames(language).join('|')})[.,]*\s+)?(?:the |den |le |el )?(?:${forms.join('|')})(?![\p{L}\p{N}])`;
}

function monthNames(date: string, language: string): string[] {
  const at = new Date(`${date}T00:00:00Z`);
  const full = [
    new Intl.DateTimeFormat(language, { month: 'long', timeZone: 'UTC' }).format(at),
    // Beside a day some languages put the month into another case.
    partOf({ day: 'numeric', month: 'long' }, at, language, 'month'),
    partOf({ day: 'numeric', month: 'short' }, at, language, 'month'),
  ];
  return shortened(full, 3);
}

/** Every month's name and its short forms in a language, folded. */
export function everyMonthName(language: string): readonly string[] {
  return Array.from({ length: 12 }, (_, month) => {
    const date = `2026-${String(month + 1).padStart(2, '0')}-14`;
    return monthNames(date, language);
  }).flat();
}

/** Whether a language writes a dot after the day, as in "14. September". */
export function dotsItsDays(language: string): boolean {
  const parts = new Intl.DateTimeFormat(language, {
    day: 'numeric',
    month: 'long',
    timeZone: 'UTC',
  }).formatToParts(new Date('2026-09-14T00:00:00Z'));
  const day = parts.findIndex((part) => part.type === 'day');
  return parts[day + 1]?.value.startsWith('.') === true;
}

function weekdayNames(language: string): string[] {
  const long = WEEKDAYS.map((day) =>
    partOf({ weekday: 'long' }, new Date(Date.UTC(2024, 0, day)), language, 'weekday'),
  );
  const short = WEEKDAYS.map((day) =>
    partOf({ weekday: 'short' }, new Date(Date.UTC(2024, 0, day)), language, 'weekday'),
  );
  return shortened([...long, ...short], 2);
}

function partOf(options: object, at: Date, language: string, type: string): string {
  const parts = new Intl.DateTimeFormat(language, { ...options, timeZone: 'UTC' }).formatToParts(at);
  return parts.find((part) => part.type === type)?.value ?? '';
}

/** Each name and its beginnings of at least `least` letters, the longest first. */
function shortened(names: readonly string[], least: number): string[] {
  const all = new Set<string>();
  for (const name of names.map((one) => fold(one).replace(/\.$/, '')).filter(Boolean)) {
    all.add(name);
    for (let length = least; length < name.length; length += 1) all.add(name.slice(0, length));
  }
  return [...all]
    .sort((a, b) => b.length - a.length)
    .map((name) => name.replace(/[.*+?^${}()|[\]\\/]/g, '\\$&'));
}
