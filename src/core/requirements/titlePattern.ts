import { fold } from '../text/alike';
import { rememberByText } from '../text/remember';
import { datePattern, formattedDate } from './datePattern';
import type { AssignmentContext } from './requirement';

type Part =
  | { readonly type: 'number' | 'week' | 'date' }
  | { readonly type: 'text'; readonly text: string }
  | { readonly type: 'separator' };

/** Dashes, middle dots, dots, colons, commas, bars, underscores, `)`, `#` and spaces: one run matches any other. */
const SEPARATOR = String.raw`[\p{Pd}\u2212\u00B7\u2022\u2219\u22C5\u30FB.:,\|\u00A6_\)#\p{White_Space}]`;
const PASSED_OVER = new RegExp(String.raw`${SEPARATOR}|\p{RGI_Emoji}|[\p{S}\uFE0F\u200D\u20E3]`, 'gv');
const FIELDS = /(\{number\}|\{week\}|\{date\})/;

/** What a title must begin with, ready to be held against titles. */
export interface TitlePattern {
  /** The beginning as a writer would type it, fields filled in. */
  readonly example: string;
  begins(title: string): boolean;
  /** The first part of the pattern that the title does not have. */
  firstMissing(title: string): Part['type'];
}

/** Reads a pattern of `{number}`, `{week}`, `{date}` and fixed text for one assignment. */
export function titlePattern(pattern: string, assignment: AssignmentContext): TitlePattern {
  const { number, date, week, language, timeZone } = assignment;
  const key = JSON.stringify([pattern, number, date, week, language, timeZone]);
  const known = READ.get(key) ?? readPattern(pattern, assignment);
  if (READ.size >= MOST_READ) READ.clear();
  READ.set(key, known);
  return known;
}

/** Patterns that were read before: a class has few, and each is asked for at every key. */
const READ = new Map<string, TitlePattern>();
const MOST_READ = 200;

function readPattern(pattern: string, assignment: AssignmentContext): TitlePattern {
  const parts = partsOf(pattern);
  const expression = (count: number) =>
    new RegExp(
      `^${parts
        .map((part, index) => source(part, index, parts, assignment))
        .slice(0, count)
        .join('')}`,
      'u',
    );
  const whole = expression(parts.length);
  return {
    example: example(pattern, assignment),
    begins: rememberByText((title) => whole.test(bareStart(fold(title)))),
    firstMissing: (title) => {
      const text = bareStart(fold(title));
      const index = parts.findIndex((_, at) => !expression(at + 1).test(text));
      return parts[index]?.type ?? 'text';
    },
  };
}

function partsOf(pattern: string): Part[] {
  const parts: Part[] = [];
  let begun = false;
  for (const piece of pattern.split(FIELDS)) {
    if (FIELDS.test(piece)) parts.push({ type: piece.slice(1, -1) as 'number' | 'week' | 'date' });
    else parts.push(...textParts(begun ? fold(piece) : bareStart(fold(piece))));
    begun ||= /[\p{L}\p{N}]/u.test(piece) || FIELDS.test(piece);
  }
  return parts;
}

function textParts(text: string): Part[] {
  return text
    .split(new RegExp(`(${SEPARATOR}+)`, 'u'))
    .filter(Boolean)
    .map((piece) =>
      new RegExp(`^${SEPARATOR}+$`, 'u').test(piece) ? { type: 'separator' } : { type: 'text', text: piece },
    );
}

/** Separators and symbols before the first letter or digit are passed over. */
function bareStart(text: string): string {
  const first = text.search(/[\p{L}\p{N}]/u);
  const end = first < 0 ? text.length : first;
  return text.slice(0, end).replace(PASSED_OVER, '') + text.slice(end);
}

function source(part: Part, index: number, parts: readonly Part[], assignment: AssignmentContext): string {
  switch (part.type) {
    case 'separator':
      return `(?:${SEPARATOR}+|$)`;
    case 'text':
      return escaped(part.text);
    case 'date':
      return assignment.date === null ? '(?!)' : datePattern(assignment.date, assignment.language);
    case 'number':
      return alone(assignment.number, index, parts);
    case 'week':
      return assignment.week === null ? '(?!)' : alone(assignment.week, index, parts);
  }
}

/** A number that is not part of a longer one or of a word, unless the pattern itself puts text right beside it. */
function alone(value: number, index: number, parts: readonly Part[]): string {
  const before = parts[index - 1]?.type === 'text' ? '' : String.raw`(?<![\p{L}\p{N}])(?<!\p{N}[.,])`;
  const after = parts[index + 1]?.type === 'text' ? '' : String.raw`(?![\p{L}\p{N}])(?![.,]\p{N})`;
  return `${before}0*${value}${after}`;
}

function example(pattern: string, assignment: AssignmentContext): string {
  return pattern
    .replaceAll('{number}', String(assignment.number))
    .replaceAll('{week}', assignment.week === null ? '' : String(assignment.week))
    .replaceAll('{date}', assignment.date === null ? '' : formattedDate(assignment.date, assignment.language))
    .trim();
}

function escaped(text: string): string {
  return text.replace(/[\\^$.*+?()[\]{}|/-]/g, (sign) => (sign === '-' ? '\\-' : `\\${sign}`));
}
