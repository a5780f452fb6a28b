import { addDays, weekday } from '../timing/zonedTime';

/** Days from a first to a last one, both included, with a name. */
export interface Span {
  readonly name: string;
  /** `2026-09-01` */
  readonly from: string;
  readonly to: string;
}

/** When a class has school. */
export interface SchoolYear {
  readonly terms: readonly Span[];
  readonly holidays: readonly Span[];
  /** 1 for Monday to 7 for Sunday. */
  readonly schoolDays: readonly number[];
}

/** Whether a day is in a span; no day is in none. */
export function holdsDay({ from, to }: Pick<Span, 'from' | 'to'>, day: string | null): boolean {
  return day !== null && from <= day && day <= to;
}

const span = {
  type: 'object',
  required: ['name', 'from', 'to'],
  additionalProperties: false,
  properties: {
    name: { type: 'string', maxLength: 80 },
    from: { type: 'string', format: 'date' },
    to: { type: 'string', format: 'date' },
  },
} as const;

/** JSON Schemas of the parts of a school year. */
export const schoolYearFields = {
  terms: { type: 'array', maxItems: 12, items: span },
  holidays: { type: 'array', maxItems: 60, items: span },
  schoolDays: {
    type: 'array',
    minItems: 1,
    maxItems: 7,
    uniqueItems: true,
    items: { type: 'integer', minimum: 1, maximum: 7 },
  },
} as const;

/** The first span that ends before it begins, as `terms.0`, or null. */
export function wrongSpan({ terms, holidays }: SchoolYear): string | null {
  for (const [list, spans] of Object.entries({ terms, holidays }))
    for (const [index, { from, to }] of spans.entries()) if (to < from) return `${list}.${index}`;
  return null;
}

/** The first term that begins before another one is over, as `terms.1`, or null. */
export function overlappingTerm({ terms }: SchoolYear): string | null {
  const index = terms.findIndex((one, at) =>
    terms.some((other, before) => before < at && one.from <= other.to && other.from <= one.to),
  );
  return index < 0 ? null : `terms.${index}`;
}

/** Whether there is school on a day: in a term where any is known, on a day of school, and not in the holidays. */
export function isSchoolDay(date: string, { terms, holidays, schoolDays }: SchoolYear): boolean {
  const within = (spans: readonly Span[]) => spans.some((one) => holdsDay(one, date));
  if (!schoolDays.includes(weekday(date)) || within(holidays)) return false;
  return terms.length === 0 || within(terms);
}

/** Holidays are shorter than that. */
const LONGEST_PAUSE = 120;

/** The first day with school from a day on; the day itself where none follows within four months. */
export function nextSchoolDay(from: string, year: SchoolYear): string {
  for (let days = 0; days < LONGEST_PAUSE; days += 1) {
    const day = addDays(from, days);
    if (isSchoolDay(day, year)) return day;
  }
  return from;
}

/**
 * Why there is no school on a day of the week that has school otherwise: the name of the holiday, empty between terms or
 * where it has none; null where there is school, and on the days of the week that never have any.
 */
export function dayOff(date: string, year: SchoolYear): string | null {
  if (!year.schoolDays.includes(weekday(date)) || isSchoolDay(date, year)) return null;
  return year.holidays.find((one) => holdsDay(one, date))?.name ?? '';
}

/** A class asks for every post of its gradebook. */
const datesOf = new WeakMap<SchoolYear['holidays'], readonly string[]>();

/** Every day of the holidays, as grading wants them. At most a year of each span is listed. */
export function holidayDates({ holidays }: Pick<SchoolYear, 'holidays'>): readonly string[] {
  const known = datesOf.get(holidays);
  if (known) return known;
  const dates = new Set<string>();
  for (const { from, to } of holidays)
    for (let date = from, days = 0; date <= to && days < 366; date = addDays(date, 1), days += 1)
      dates.add(date);
  const sorted = [...dates].sort();
  datesOf.set(holidays, sorted);
  return sorted;
}
