import { compare, millionths, NOTHING, over, plus, quotient, rounded, times, type Quotient } from './exact';
import type { GradebookCategory, GradebookCell, GradebookInput, GradebookStudent } from './gradebookInput';

/** How a cell stands, by what holds first. */
export type CellState = 'excused' | 'graded' | 'waiting' | 'missing' | 'ahead';

interface CategoryFigure {
  /** Null for the columns without a category. */
  readonly id: string | null;
  /** Per cent, rounded; null where nothing with possible points counts. */
  readonly score: number | null;
  /** The columns that count and stay, and those that were dropped, in the order of the columns. */
  readonly counted: readonly string[];
  readonly dropped: readonly string[];
}

interface StudentFigures {
  readonly id: string;
  /** Per cent, rounded and not above the cap; null where no category has a score and a weight. */
  readonly overall: number | null;
  readonly letter: string | null;
  readonly categories: readonly CategoryFigure[];
  readonly cells: Readonly<Record<string, CellState>>;
}

interface ColumnFigures extends Readonly<Record<CellState, number>> {
  readonly id: string;
  /** Of the per cents of graded cells, to a tenth; null without one, or without possible points. */
  readonly mean: number | null;
  readonly median: number | null;
}

export interface GradebookFigures {
  readonly students: readonly StudentFigures[];
  readonly columns: readonly ColumnFigures[];
}

const FIRST_ROUNDING = 0.1;
const HUNDRED = quotient(100, 1);

/**
 * The figures of a gradebook (CORE2.md, 7): the state of every cell, scores by category, overalls and letters, and how each column went.
 * All of it is computed in whole millionths and quotients of them, and rounded once, at the end: the order of students or columns changes
 * no figure.
 * @throws RangeError `columns.category: …` and the like, where parts do not belong together
 */
export function gradebook(input: GradebookInput): GradebookFigures {
  assertSound(input);
  const book = openBook(input);
  const tallies = input.columns.map((): Tally => ({ states: { ...NO_STATES }, grades: [] }));
  return {
    students: input.students.map((student) => figuresOf(student, book, tallies)),
    columns: book.columns.map((column) => columnFigures(column, tallies[column.at]!)),
  };
}

interface Column {
  readonly id: string;
  readonly at: number;
  /** In millionths. */
  readonly possible: number;
  readonly due: number | null;
}

interface Category extends Required<Omit<GradebookCategory, 'id'>> {
  readonly id: string | null;
  readonly columns: readonly Column[];
}

/** A gradebook laid out for one walk through its cells. */
interface Book {
  readonly columns: readonly Column[];
  readonly categories: readonly Category[];
  readonly equally: boolean;
  readonly zeroes: boolean;
  readonly cap: Quotient | null;
  readonly rounding: number;
  /** The highest first. */
  readonly bands: readonly { readonly letter: string; readonly from: number }[];
  readonly now: number;
}

function openBook({
  columns,
  categories,
  counting,
  missing,
  cap,
  rounding,
  bands = [],
  now,
}: GradebookInput): Book {
  const laid = columns.map(({ id, possible, due }, at) => ({
    id,
    at,
    possible: millionths(possible),
    due: instantOf(due),
  }));
  const of = (category: string | null) =>
    laid.filter(({ at }) => (columns[at]!.category ?? null) === category);
  const loose = of(null);
  return {
    columns: laid,
    categories: [
      ...categories.map(({ id, weight = 1, dropLowest = 0 }) => ({
        id,
        weight,
        dropLowest,
        columns: of(id),
      })),
      ...(loose.length > 0 ? [{ id: null, weight: 1, dropLowest: 0, columns: loose }] : []),
    ],
    equally: counting === 'equal',
    zeroes: missing === 'zero',
    cap: cap === null || cap === undefined ? null : quotient(millionths(cap), millionths(1)),
    rounding: rounding ?? FIRST_ROUNDING,
    bands: bands.toSorted((one, other) => other.from - one.from),
    now: Date.parse(now),
  };
}

function instantOf(due: string | null | undefined): number | null {
  return due ? Date.parse(due) : null;
}

/** What a column comes to, over all students. */
interface Tally {
  readonly states: Record<CellState, number>;
  /** Of graded cells, in millionths. */
  readonly grades: number[];
}

const NO_STATES: Readonly<Record<CellState, number>> = {
  excused: 0,
  graded: 0,
  waiting: 0,
  missing: 0,
  ahead: 0,
};

const EMPTY: GradebookCell = {};

function stateOf(cell: GradebookCell, { due }: Column, now: number): CellState {
  if (cell.excused) return 'excused';
  if (cell.grade !== null && cell.grade !== undefined) return 'graded';
  if (cell.handedIn) return 'waiting';
  const own = instantOf(cell.due) ?? due;
  return own !== null && own < now ? 'missing' : 'ahead';
}

function figuresOf({ id, cells }: GradebookStudent, book: Book, tallies: readonly Tally[]): StudentFigures {
  const states: [column: string, state: CellState][] = [];
  /** By column, in millionths; null where it does not count. */
  const grades: (number | null)[] = [];
  for (const column of book.columns) {
    // An id may be any word, also one that every object answers to.
    const cell = Object.hasOwn(cells, column.id) ? cells[column.id]! : EMPTY;
    const state = stateOf(cell, column, book.now);
    states.push([column.id, state]);
    const tally = tallies[column.at]!;
    tally.states[state] += 1;
    if (state === 'graded') {
      const grade = millionths(cell.grade ?? 0);
      tally.grades.push(grade);
      grades.push(grade);
    } else grades.push(state === 'missing' && book.zeroes ? 0 : null);
  }
  const scored = book.categories.map((category) => scoreOf(category, grades, book));
  const overall = overallOf(scored, book);
  const shown = overall && rounded(overall, book.rounding);
  return {
    id,
    overall: shown,
    letter: (shown !== null && book.bands.find(({ from }) => shown >= from)?.letter) || null,
    categories: scored.map(({ category, score, counted, dropped }) => ({
      id: category.id,
      score: score && rounded(score, book.rounding),
      counted,
      dropped,
    })),
    cells: Object.fromEntries(states),
  };
}

interface Scored {
  readonly category: Category;
  readonly score: Quotient | null;
  readonly counted: readonly string[];
  readonly dropped: readonly string[];
}

function scoreOf(category: Category, grades: readonly (number | null)[], { equally }: Book): Scored {
  const count = category.columns.filter(
    ({ at, possible }) => grades[at] !== null && !(equally && possible === 0),
  );
  const dropped = lowest(
    count.filter(({ possible }) => possible > 0),
    category.dropLowest,
    grades,
  );
  const stay = dropped.size === 0 ? count : count.filter((column) => !dropped.has(column));
  return {
    category,
    score: equally ? meanOf(stay, grades) : shareOf(stay, grades),
    counted: stay.map(({ id }) => id),
    dropped: count.filter((column) => dropped.has(column)).map(({ id }) => id),
  };
}

/** Those with the lowest per cents, of equal ones those with more possible points, then the earlier; one always stays. */
function lowest(
  columns: readonly Column[],
  many: number,
  grades: readonly (number | null)[],
): ReadonlySet<Column> {
  const most = Math.min(many, columns.length - 1);
  if (most <= 0) return new Set();
  const ordered = columns.toSorted(
    (one, other) =>
      comparePercents(grades[one.at] ?? 0, one.possible, grades[other.at] ?? 0, other.possible) ||
      other.possible - one.possible ||
      one.at - other.at,
  );
  return new Set(ordered.slice(0, most));
}

/** Products of doubles that differ by less than this part of their sum may be the same. */
const MAYBE_SAME = 1e-12;

/** Compares two per cents, of grades and possible points in millionths. */
function comparePercents(grade: number, possible: number, otherGrade: number, otherPossible: number): number {
  const [one, other] = [grade * otherPossible, otherGrade * possible];
  if (Math.abs(one - other) > (one + other) * MAYBE_SAME) return one - other;
  return compare(quotient(grade, possible), quotient(otherGrade, otherPossible));
}

/** Earned of possible points, in per cent; null where none are possible. */
function shareOf(columns: readonly Column[], grades: readonly (number | null)[]): Quotient | null {
  let earned = 0;
  let possible = 0;
  for (const column of columns) {
    earned += grades[column.at] ?? 0;
    possible += column.possible;
  }
  return possible === 0 ? null : times(quotient(earned, possible), HUNDRED);
}

/** The mean of the per cents; null where there are none. */
function meanOf(columns: readonly Column[], grades: readonly (number | null)[]): Quotient | null {
  if (columns.length === 0) return null;
  // Most columns of a category have the same possible points: their grades are one sum.
  const earned = new Map<number, number>();
  for (const { at, possible } of columns)
    earned.set(possible, (earned.get(possible) ?? 0) + (grades[at] ?? 0));
  const sum = [...earned].reduce((all, [possible, points]) => plus(all, quotient(points, possible)), NOTHING);
  return over(times(sum, HUNDRED), quotient(columns.length, 1));
}

/** The mean of the scores by their weights, not above the cap. */
function overallOf(scored: readonly Scored[], { cap }: Book): Quotient | null {
  let sum = NOTHING;
  let weights = 0;
  for (const { category, score } of scored) {
    const weight = millionths(category.weight);
    if (!score || weight === 0) continue;
    sum = plus(sum, times(score, quotient(weight, 1)));
    weights += weight;
  }
  if (weights === 0) return null;
  const mean = over(sum, quotient(weights, 1));
  return cap && compare(mean, cap) > 0 ? cap : mean;
}

const TENTH = 0.1;

function columnFigures({ id, possible }: Column, { states, grades }: Tally): ColumnFigures {
  const many = grades.length;
  if (many === 0 || possible === 0) return { id, ...states, mean: null, median: null };
  const ordered = grades.toSorted((one, other) => one - other);
  const middle = Math.floor(many / 2);
  const [low, high] = [ordered[many % 2 === 0 ? middle - 1 : middle]!, ordered[middle]!];
  const percent = (points: number, of: number) =>
    rounded(times(quotient(points, of), over(HUNDRED, quotient(possible, 1))), TENTH);
  const sum = grades.reduce((all, one) => all + one, 0);
  return { id, ...states, mean: percent(sum, many), median: percent(low + high, 2) };
}

function assertSound({ columns, categories, bands = [], students }: GradebookInput): void {
  assertOnce(
    'columns.id',
    columns.map(({ id }) => id),
  );
  assertOnce(
    'categories.id',
    categories.map(({ id }) => id),
  );
  assertOnce(
    'students.id',
    students.map(({ id }) => id),
  );
  assertOnce(
    'bands.from',
    bands.map(({ from }) => String(from)),
  );
  const known = new Set(categories.map(({ id }) => id));
  for (const { category } of columns)
    if (category !== null && category !== undefined && !known.has(category))
      throw new RangeError(`columns.category: there is no category ${category}`);
  const ids = new Set(columns.map(({ id }) => id));
  for (const { cells } of students)
    for (const id of Object.keys(cells))
      if (!ids.has(id)) throw new RangeError(`students.cells: there is no column ${id}`);
}

function assertOnce(field: string, values: readonly string[]): void {
  const known = new Set<string>();
  for (const value of values) {
    if (known.has(value)) throw new RangeError(`${field}: ${value} stands there twice`);
    known.add(value);
  }
}
