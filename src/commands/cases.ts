import { whyHeld, type CommentToHold, type HoldReason } from '../core/comments/hold';
import { anchorFinder } from '../core/notes/anchor';
import type { Passage } from '../core/notes/passage';
import { gradebook } from '../core/gradebook/gradebook';
import { grade } from '../core/grading/grade';
import { readPostFile } from '../core/posts/readPost';
import { evaluate } from '../core/requirements/evaluate';
import { findPersonal } from '../core/personal/findPersonal';
import { countWords } from '../core/words/countWords';
import { spellerFor } from './spellers';
import {
  anchorOf,
  assignmentOf,
  commentToHoldOf,
  gradebookInputOf,
  gradeInputOf,
  personalPlaceOf,
  postFileOf,
} from './checks';

type Fields = Readonly<Record<string, unknown>>;

/** A case that went wrong, to be printed as one line of JSON. */
export interface Difference {
  readonly case: string;
  readonly expected: unknown;
  readonly got: unknown;
}

/** Runs one case of a vectors file; what kind it is its fields tell. Null when all that is expected holds. */
export async function runCase(given: Fields, index: number): Promise<Difference | null> {
  const name = typeof given['name'] === 'string' ? given['name'] : `case ${index + 1}`;
  const [expected, got] = await sides(given);
  return holds(expected, got) ? null : { case: name, expected, got };
}

async function sides(given: Fields): Promise<readonly [expected: unknown, got: unknown]> {
  if ('anchor' in given) {
    const found = await outcome(() => anchorFinder(String(given['text']))(anchorOf(given['anchor'])));
    return [sameShare(given['expect'], found) ? found : given['expect'], found];
  }
  if ('gradebook' in given) {
    const figures = await outcome(() => gradebook(gradebookInputOf(given['gradebook'])));
    if (!('refused' in given)) return [given['expect'], figures];
    return [given['refused'], typeof figures === 'string' ? refusedField(figures) : figures];
  }
  if ('hold' in given)
    return [given['expect'], await outcome(() => holdAnswer(commentToHoldOf(given['hold'])))];
  if ('personal' in given) return personalSides(given);
  if ('text' in given) return [given['words'], countWords(String(given['text']))];
  if ('input' in given) return [given['expect'], await outcome(() => grade(gradeInputOf(given['input'])))];
  const answer = await outcome(async () => {
    const assignment = assignmentOf(given['assignment']);
    return evaluate(assignment, {
      ...readPostFile(postFileOf(given['post'])),
      ...(await spellerFor(assignment.requirements, assignment.language)),
    });
  });
  const listed = Array.isArray(given['expect']) && typeof answer === 'object' && 'requirements' in answer;
  return [given['expect'], listed ? answer.requirements : answer];
}

/** As `./porch hold` prints it. */
export function holdAnswer(comment: CommentToHold): {
  readonly held: boolean;
  readonly reasons: readonly HoldReason[];
} {
  const reasons = whyHeld(comment).map(({ reason }) => reason);
  return { held: reasons.length > 0, reasons };
}

/** The field that a line like `RangeError: columns.category: there is …` names, without places in lists and ids of columns. */
function refusedField(line: string): string {
  const [, field = line] = /^\w+: ([^\s:]+):/.exec(line) ?? [];
  return field.replace(/^(students\.\d+\.cells)\..*\.(\w+)$/, '$1.$2').replace(/\.\d+(?=\.|$)/g, '');
}

/** What was found of each that is expected: the same kind, and at least half of the longer piece in common; and what is too much. */
async function personalSides(given: Fields): Promise<readonly [expected: unknown, got: unknown]> {
  const { people = [], country = 'IE', language = 'en' } = given;
  const wanted = given['personal'] as readonly { readonly kind: string; readonly text: string }[];
  const text = String(given['text']);
  const found = await outcome(() => findPersonal(text, personalPlaceOf({ people, country, language })));
  if (typeof found === 'string') return [wanted, found];
  const rest = [...found];
  const paired = wanted.map((one) => {
    const at = rest.findIndex((other) => other.kind === one.kind && isLike(one.text, other.text));
    return at < 0 ? null : (rest.splice(at, 1)[0], one);
  });
  return [wanted, [...paired, ...rest]];
}

/** Pieces of one text: the shorter, which stands in the longer, is at least half of it. */
function isLike(one: string, other: string): boolean {
  const [short, long] = one.length < other.length ? [one, other] : [other, one];
  return long.includes(short) && short.length * 2 >= long.length;
}

/** A place agrees when twice the common part is at least so much of both lengths together. */
const AGREES = 0.9;

function sameShare(expected: unknown, got: unknown): boolean {
  if (!isPassage(expected) || !isPassage(got)) return false;
  const common = Math.min(expected.to, got.to) - Math.max(expected.from, got.from);
  return 2 * common >= AGREES * (expected.to - expected.from + got.to - got.from);
}

function isPassage(value: unknown): value is Passage {
  return typeof value === 'object' && value !== null && 'from' in value && 'to' in value;
}

/** The answer, or the line that a command would end with, so that one bad case does not end the run. */
async function outcome<Answer>(compute: () => Answer | Promise<Answer>): Promise<Answer | string> {
  try {
    return await compute();
  } catch (error) {
    if (error instanceof Error) return `${error.name}: ${error.message}`;
    throw error;
  }
}

/** Whether everything that is expected stands in what was got; fields that are not expected may say anything. */
function holds(expected: unknown, got: unknown): boolean {
  if (Array.isArray(expected))
    return (
      Array.isArray(got) &&
      expected.length === got.length &&
      expected.every((part, index) => holds(part, got[index]))
    );
  if (typeof expected !== 'object' || expected === null) return Object.is(expected, got) || expected === got;
  if (typeof got !== 'object' || got === null) return false;
  return Object.entries(expected).every(([field, part]) => holds(part, (got as Fields)[field]));
}
