import { dayOff, isSchoolDay, type SchoolYear } from '../classes/schoolYear';
import type { DocumentJson } from '../document/openDocument';
import { formattedDate } from '../requirements/datePattern';
import { daysBetween } from '../timing/inWords';
import { addDays, weekday } from '../timing/zonedTime';
import type { AssignmentSettings } from './assignmentSettings';

/** How an assignment is repeated. All dates are local to the class's time zone, `2026-09-14`. */
export interface SeriesRule {
  readonly first: string;
  readonly last: string;
  /** 1 for Monday to 7 for Sunday. */
  readonly weekdays: readonly number[];
  /** Every so many weeks, from 1; the first date's week is one of them. */
  readonly every: number;
  /** Dates that are left out. */
  readonly except: readonly string[];
  /** The hour that it is due on its day, `16:00`. */
  readonly time: string;
  /** How many days before its day students see it. */
  readonly opensBefore: number;
  /** Whether `{week}` counts the weeks of the series that have a date, or is the week of the year (ISO 8601). */
  readonly weeks: 'counted' | 'calendar';
}

const date = { type: 'string', format: 'date' } as const;

/** JSON Schema of a `SeriesRule`. */
export const seriesSchema = {
  type: 'object',
  required: ['first', 'last', 'weekdays', 'every', 'except', 'time', 'opensBefore', 'weeks'],
  additionalProperties: false,
  properties: {
    first: date,
    last: date,
    weekdays: {
      type: 'array',
      minItems: 1,
      maxItems: 7,
      uniqueItems: true,
      items: { type: 'integer', minimum: 1, maximum: 7 },
    },
    every: { type: 'integer', minimum: 1, maximum: 8 },
    except: { type: 'array', maxItems: 100, items: date },
    time: { type: 'string', pattern: '^([01]\\d|2[0-3]):[0-5]\\d$' },
    opensBefore: { type: 'integer', minimum: 0, maximum: 60 },
    weeks: { enum: ['counted', 'calendar'] },
  },
} as const;

/** One of the repetitions. */
export interface SeriesDate {
  readonly date: string;
  /** Fills `{week}`. */
  readonly week: number;
  /** Local date and time. */
  readonly due: string;
  /** The date from which students see it. */
  readonly opens: string;
}

/** A date that the rule names and that is passed over. */
interface PassedOver {
  readonly date: string;
  /** The name of the holiday, empty where there is no school without one; null for a date that was left out by hand. */
  readonly off: string | null;
}

export interface SeriesDates {
  readonly dates: readonly SeriesDate[];
  readonly passedOver: readonly PassedOver[];
}

/** More than a year of school days is no series any more. */
const MOST_DATES = 200;

/** The dates of a series, days without school and exceptions passed over; at most `MOST_DATES`. */
export function seriesDates(rule: SeriesRule, year: SchoolYear): SeriesDates {
  const dates: SeriesDate[] = [];
  const passedOver: PassedOver[] = [];
  const weeks = new Map<number, number>();
  for (const day of namedDays(rule)) {
    if (dates.length === MOST_DATES) break;
    if (rule.except.includes(day)) passedOver.push({ date: day, off: null });
    else if (!isSchoolDay(day, year)) passedOver.push({ date: day, off: dayOff(day, year) ?? '' });
    else {
      const running = weekOf(day, rule.first);
      if (!weeks.has(running)) weeks.set(running, weeks.size + 1);
      dates.push({
        date: day,
        week: rule.weeks === 'counted' ? (weeks.get(running) ?? 1) : calendarWeek(day),
        due: `${day}T${rule.time}`,
        opens: addDays(day, -rule.opensBefore),
      });
    }
  }
  return { dates, passedOver };
}

/** The days that a rule names, whether there is school or not. */
function* namedDays({ first, last, weekdays, every }: SeriesRule): Generator<string> {
  const wanted = new Set(weekdays);
  for (let day = first; day <= last; day = addDays(day, 1))
    if (wanted.has(weekday(day)) && weekOf(day, first) % every === 0) yield day;
}

/** Which week from the first date's on, counted from 0; weeks begin on Monday. */
function weekOf(day: string, first: string): number {
  return Math.floor((daysBetween(first, day) + weekday(first) - 1) / 7);
}

/** The week of the year by ISO 8601: the one that holds its Thursday, counted from the year's first Thursday. */
export function calendarWeek(day: string): number {
  const thursday = addDays(day, 4 - weekday(day));
  return 1 + Math.floor(daysBetween(`${thursday.slice(0, 4)}-01-01`, thursday) / 7);
}

/** What `{week}` and `{date}` stand for in one of the repetitions. */
export interface Filling {
  readonly date: string;
  readonly week: number;
  /** BCP 47, such as `en-GB`. */
  readonly language: string;
}

/** A repetition of an assignment: `{week}` and `{date}` filled in where students read them. Requirements keep theirs. */
export function filledIn(settings: AssignmentSettings, filling: Filling): AssignmentSettings {
  const fill = (text: string) => fillText(text, filling);
  const { title, instructions, outline, model } = settings;
  return {
    ...settings,
    title: fill(title),
    instructions: fillDocument(instructions, fill),
    outline: outline.map(fill),
    model: model && { title: fill(model.title), body: fillDocument(model.body, fill) },
  };
}

/** `{week}` and `{date}` in a text, filled in. */
export function fillText(text: string, { date: day, week, language }: Filling): string {
  return text.replaceAll('{week}', String(week)).replaceAll('{date}', () => formattedDate(day, language));
}

/** What all repetitions of a series are called: its title without what is another in each; all of it where nothing is left. */
export function nameOfSeries(title: string): string {
  const kept = title
    .replaceAll(/[([]?\{(?:week|date)\}[)\]]?/gu, ' ')
    .replaceAll(/\s+/gu, ' ')
    .replaceAll(/ (?=[:;,.])/gu, '')
    .replaceAll(/^[\s:;,.·–—-]+|[\s:;,.·–—-]+$/gu, '');
  return kept === '' ? title : kept;
}

function fillDocument(json: DocumentJson, fill: (text: string) => string): DocumentJson {
  return {
    ...json,
    ...(json.text === undefined ? {} : { text: fill(json.text) }),
    ...(json.content ? { content: json.content.map((child) => fillDocument(child, fill)) } : {}),
  };
}

/** The longest time that a series may run, in days. */
const LONGEST = 800;

/** The field of a rule that cannot stand, or null: one that ends before it begins, or runs for years. */
export function wrongSeries({
  first,
  last,
}: SeriesRule): { readonly field: string; readonly fault: 'order' | 'long' } | null {
  if (last < first) return { field: 'series.last', fault: 'order' };
  return daysBetween(first, last) > LONGEST ? { field: 'series.last', fault: 'long' } : null;
}
