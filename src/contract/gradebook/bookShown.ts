import type { Span } from '../../core/classes/schoolYear';
import type { ShownState } from '../../core/gradebook/classBook';
import type { GradebookRules } from '../../core/gradebook/rules';
import type { TermTab } from './termShown';
import type { Slat } from '../../core/requirements/slats';

/** A cell of the gradebook; what is as it mostly is does not stand there. */
export interface CellShown {
  readonly state: ShownState;
  readonly figure?: number;
  /** Something is left to judge. */
  readonly soFar?: true;
  readonly daysLate?: number;
  /** What was given back last; absent where nothing was. */
  readonly back?: number;
  /** The small railing of what has no figure yet. */
  readonly slats?: readonly Slat[];
  /** Where it can be read, and what was handed in last. */
  readonly postId?: string;
  readonly handInId?: string;
  /** Of an own column: who typed it in, and when. */
  readonly typed?: { readonly by: string; readonly when: string };
}

export interface ColumnShown {
  readonly id: string;
  readonly kind: 'post' | 'own';
  readonly title: string;
  /** The assignment's number; null for an own column. */
  readonly number: number | null;
  readonly categoryId: string | null;
  /** What it repeats; null for what stands for itself. */
  readonly series: { readonly id: string; readonly name: string } | null;
  readonly possible: number;
  /** The day in words on which it is due or was, and as a date. */
  readonly due: string | null;
  readonly day: string | null;
  readonly mean: number | null;
  readonly median: number | null;
  readonly graded: number;
  readonly waiting: number;
  readonly missing: number;
  /** How many figures the students were not told yet. */
  readonly notBack: number;
  /** What was given to those whose names are hidden, by their numbers; null where no names are hidden. */
  readonly hidden: readonly { readonly number: string; readonly cell: CellShown }[] | null;
}

export interface StudentShown {
  readonly id: string;
  readonly name: string;
  readonly group: string | null;
  readonly left: boolean;
  /** In the order of the columns. */
  readonly cells: readonly CellShown[];
  readonly overall: number | null;
  readonly letter: string | null;
  readonly categories: readonly {
    readonly id: string | null;
    readonly score: number | null;
    readonly counted: readonly string[];
    readonly dropped: readonly string[];
  }[];
  /** Columns that count although something in them is left to judge. */
  readonly soFar: readonly string[];
}

/** The gradebook of a class, as one of its teachers sees it. */
export interface BookShown {
  readonly classId: string;
  readonly rules: GradebookRules & { readonly version: number };
  readonly columns: readonly ColumnShown[];
  readonly students: readonly StudentShown[];
  /** Of all totals, to a tenth; null where there is none. */
  readonly meanOverall: number | null;
  readonly terms: readonly Span[];
  readonly tabs: readonly TermTab[];
  readonly mayChange: boolean;
}
