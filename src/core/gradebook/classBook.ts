import type { CellState, GradebookFigures } from './gradebook';
import type { GradebookCell, GradebookInput } from './gradebookInput';
import { amongCategories, asInput, type GradebookRules } from './rules';

/** A column of a class's gradebook, as far as figures are made of it. */
export interface BookColumn {
  readonly id: string;
  readonly categoryId: string | null;
  /** Points, from 0. */
  readonly possible: number;
  readonly due: Date | null;
}

/** What is known of one student in one column. */
export interface KnownCell {
  /** In the points of the column; null where there is none. */
  readonly figure: number | null;
  /** Whether something is left to judge. */
  readonly soFar: boolean;
  readonly handedIn: boolean;
  readonly excused: boolean;
  /** Whether the student was not in the class when it was due. */
  readonly outside: boolean;
  /** Why the reader of the gradebook may not see it: whose it is, or what was given first. */
  readonly withheld: 'hidden' | 'reading' | null;
  /** The student's own due time, in place of the column's. */
  readonly due: Date | null;
}

/** How a cell stands before a teacher. */
export type ShownState = CellState | 'hidden' | 'reading' | 'notHere';

/** The input of a class's figures. What its reader may not see, and what was due while a student was not there, counts for nothing. */
export function inputOfBook(
  rules: GradebookRules,
  columns: readonly BookColumn[],
  students: readonly { readonly id: string; readonly cells: readonly KnownCell[] }[],
  now: Date,
): GradebookInput {
  const categoryOf = amongCategories(rules.categories);
  return {
    ...asInput(rules),
    columns: columns.map(({ id, categoryId, possible, due }) => ({
      id,
      category: categoryOf(categoryId),
      possible,
      due: due && due.toISOString(),
    })),
    now: now.toISOString(),
    students: students.map(({ id, cells }) => ({
      id,
      cells: Object.fromEntries(cells.map((cell, at) => [columns[at]!.id, asCell(cell)])),
    })),
  };
}

/** A cell as figures are made of it: what may not be seen, or was due while a student was not there, counts for nothing. */
export function asCell({ figure, handedIn, excused, outside, withheld, due }: KnownCell): GradebookCell {
  if (excused || outside || withheld) return { excused: true };
  return { grade: figure, handedIn, due: due && due.toISOString() };
}

/** How a cell is shown, by what figures make of it. */
export function shownState({ outside, withheld }: KnownCell, state: CellState): ShownState {
  return withheld ?? (outside ? 'notHere' : state);
}

/** The columns that count in the figures of a student although something in them is left to judge. */
export function columnsSoFar(
  columns: readonly BookColumn[],
  cells: readonly KnownCell[],
  { categories }: GradebookFigures['students'][number],
): readonly string[] {
  const counted = new Set(categories.flatMap((one) => one.counted));
  return columns.filter(({ id }, at) => cells[at]!.soFar && counted.has(id)).map(({ id }) => id);
}

/**
 * A figure in the points of a column, of one that was made of other points: what is asked of one student otherwise may be worth more
 * or less than what is asked of all.
 */
export function inPointsOf(possible: number, figure: number, of: number): number {
  return of === possible || of === 0 ? figure : Math.round((figure * possible * 1e6) / of) / 1e6;
}
