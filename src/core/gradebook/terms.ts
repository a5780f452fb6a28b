import { holdsDay, type Span } from '../classes/schoolYear';
import type { BookColumn, KnownCell } from './classBook';
import { asCell } from './classBook';
import { gradebook } from './gradebook';
import type { GradebookCell } from './gradebookInput';
import { amongCategories, asInput, type GradebookRules } from './rules';

/** Stands for all terms together where a term is named by its first day. */
export const YEAR = 'year';

/** A cell as it stood when its term was closed, with what it counted by then: nothing that changes later changes it. */
export interface StandingCell extends Required<GradebookCell> {
  readonly columnId: string;
  readonly category: string | null;
  /** Points, from 0. */
  readonly possible: number;
  /** The student's own, or the column's. */
  readonly due: string | null;
}

/** Per cent and word of one student. */
export interface Total {
  readonly overall: number | null;
  readonly letter: string | null;
}

/** A figure that stands otherwise by now than in its closed term; null where there is none. */
export interface TermDifference {
  readonly columnId: string;
  readonly before: number | null;
  readonly after: number | null;
  /** Whether something became excused, or is asked for again. */
  readonly excused: 'now' | 'before' | null;
  /** What the figure counts by, from 0. */
  readonly possible: number;
}

/** The term that a day is in, if any. */
export function termOf<Term extends Span>(terms: readonly Term[], day: string | null): Term | undefined {
  return terms.find((term) => holdsDay(term, day));
}

/** The cells of one student as they stand now, ready to be kept. */
export function standingCells(
  columns: readonly BookColumn[],
  cells: readonly KnownCell[],
): readonly StandingCell[] {
  return columns.map(({ id, categoryId, possible, due }, at) => {
    const { grade = null, handedIn = false, excused = false, due: own } = asCell(cells[at]!);
    return {
      ...{ columnId: id, category: categoryId, possible, grade, handedIn, excused },
      due: own ?? due?.toISOString() ?? null,
    };
  });
}

/**
 * The total of what was kept.
 * @param at when the term was closed: what was not due then is not missing
 */
export function totalOfStanding(rules: GradebookRules, cells: readonly StandingCell[], at: Date): Total {
  const categoryOf = amongCategories(rules.categories);
  const { students } = gradebook({
    ...asInput(rules),
    now: at.toISOString(),
    columns: cells.map(({ columnId, category, possible }) => ({
      ...{ id: columnId, possible, due: null },
      category: categoryOf(category),
    })),
    students: [
      {
        id: '',
        cells: Object.fromEntries(
          cells.map(({ columnId, grade, handedIn, excused, due }) => [
            columnId,
            { grade, handedIn, excused, due },
          ]),
        ),
      },
    ],
  });
  const { overall, letter } = students[0]!;
  return { overall, letter };
}

/**
 * What became another figure since a term was closed: changed, given, excused or gone. That something was handed in is none; its
 * figure will be. What the reader may not see now is not told.
 */
export function differencesOf(
  kept: readonly StandingCell[],
  columns: readonly BookColumn[],
  cells: readonly KnownCell[],
): readonly TermDifference[] {
  const before = new Map(kept.map((cell) => [cell.columnId, cell]));
  const now = new Map(standingCells(columns, cells).map((cell) => [cell.columnId, cell]));
  const withheld = new Set(columns.filter((_, at) => cells[at]!.withheld).map(({ id }) => id));
  return [...new Set([...before.keys(), ...now.keys()])].flatMap((columnId) => {
    if (withheld.has(columnId)) return [];
    const [was, is] = [before.get(columnId), now.get(columnId)];
    const [old, figure] = [figureOf(was), figureOf(is)];
    const excused = was && is && old === null && figure === null ? excusedSince(was, is) : null;
    const same = old === figure && (figure === null || was?.possible === is?.possible);
    if (same && !excused) return [];
    return [{ columnId, before: old, after: figure, excused, possible: is?.possible ?? was?.possible ?? 0 }];
  });
}

/** What was handed in is no matter of asking any more; its figure will be. */
function excusedSince(was: StandingCell, is: StandingCell): TermDifference['excused'] {
  if (was.handedIn || is.handedIn || was.excused === is.excused) return null;
  return is.excused ? 'now' : 'before';
}

function figureOf(cell: StandingCell | undefined): number | null {
  return cell && !cell.excused ? cell.grade : null;
}

/** What was kept, with some columns as they stand now; one that is gone is kept no more. */
export function takenOver(
  kept: readonly StandingCell[],
  now: readonly StandingCell[],
  columnIds: readonly string[],
): readonly StandingCell[] {
  const taken = new Set(columnIds);
  return [
    ...kept.filter(({ columnId }) => !taken.has(columnId)),
    ...now.filter(({ columnId }) => taken.has(columnId)),
  ];
}

/** The total of a year: that of its terms, by their weights, capped and rounded as the rules have it. */
export function totalOfYear(
  rules: GradebookRules,
  terms: readonly { readonly weight: number; readonly overall: number | null }[],
): Total {
  const { students } = gradebook({
    ...asInput(rules),
    counting: 'equal',
    now: new Date(0).toISOString(),
    categories: terms.map(({ weight }, at) => ({ id: String(at), weight, dropLowest: 0 })),
    columns: terms.map((_, at) => ({ id: String(at), category: String(at), possible: 100, due: null })),
    students: [
      { id: '', cells: Object.fromEntries(terms.map(({ overall }, at) => [String(at), { grade: overall }])) },
    ],
  });
  const { overall, letter } = students[0]!;
  return { overall, letter };
}

/**
 * Whether something may be a final mark: a word of the school's scale or, where it has none, a figure from 0 to 1000 with a point
 * before its decimals.
 */
export function isFinalMark(mark: string, { bands }: Pick<GradebookRules, 'bands'>): boolean {
  if (bands.length > 0) return bands.some(({ letter }) => letter === mark);
  return /^\d{1,3}(?:\.\d{1,3})?$|^1000$/.test(mark);
}

/** The mark that a total comes to: its word or, without a scale, its figure; null where there is no total. */
export function markOf({ overall, letter }: Total, { bands }: Pick<GradebookRules, 'bands'>): string | null {
  return bands.length > 0 ? letter : overall === null ? null : String(overall);
}
