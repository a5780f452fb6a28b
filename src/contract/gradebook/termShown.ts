import type { GradebookRules } from '../../core/gradebook/rules';

/** A way from the gradebook to one of its terms, or to the year. */
export interface TermTab {
  /** The first day of the term, or `year`. */
  readonly term: string;
  readonly name: string;
  readonly closed: boolean;
}

/** The marks of one student in a term or a year. */
export interface MarkShown {
  readonly personId: string;
  readonly name: string;
  readonly left: boolean;
  /** Per cent; null where nothing counts. */
  readonly overall: number | null;
  /** The mark that it comes to on the school's scale; null where there is none. */
  readonly computed: string | null;
  /** Whether figures in it are not for the eyes of who looks. */
  readonly withheld: boolean;
  /** Posts that wait to be read, of an open term, or waited when it was closed. */
  readonly unread: number;
  /** The first of them, to go there; null in a closed term. */
  readonly firstUnread: string | null;
  readonly notBack: number;
  /** Another mark that a teacher gave, and why. */
  readonly given: { readonly mark: string; readonly reason: string } | null;
}

/** The share and the totals of a term in its year. */
export interface TermInYear extends TermTab {
  readonly weight: number;
  /** Of the year, from 0 to 1; null where all weigh nothing. */
  readonly share: number | null;
}

/** Something left to do in a column before its term can stand still. */
export interface LeftShown {
  readonly columnId: string;
  readonly title: string;
  /** The assignment whose set it is; null for an own column. */
  readonly assignmentId: string | null;
  readonly unread: number;
  /** Of those whose names may be seen. */
  readonly unreadOf: readonly string[];
  readonly notBack: number;
}

/** A figure that changed after its term was closed. */
export interface DifferenceShown {
  readonly personId: string;
  readonly name: string;
  readonly columnId: string;
  readonly title: string;
  readonly before: number | null;
  readonly after: number | null;
  readonly excused: 'now' | 'before' | null;
  readonly possible: number;
  /** The term's total with it alone. */
  readonly total: { readonly overall: number | null; readonly mark: string | null };
  readonly said: {
    readonly by: string;
    readonly self: boolean;
    readonly when: string;
    readonly reason: string | null;
  } | null;
}

interface MarksShown {
  readonly classId: string;
  readonly tabs: readonly TermTab[];
  readonly bands: GradebookRules['bands'];
  /** The step that per cents are rounded to. */
  readonly rounding: GradebookRules['rounding'];
  readonly weights: readonly TermInYear[];
  readonly students: readonly MarkShown[];
  readonly mayChange: boolean;
}

/** A term, as those who teach the class see it. */
export interface TermShown extends MarksShown {
  readonly kind: 'term';
  readonly term: string;
  readonly name: string;
  /** Its days in words. */
  readonly days: string;
  readonly begun: boolean;
  readonly columns: number;
  /** Columns that are of no day, and so in no term. */
  readonly timeless: number;
  readonly posts: number;
  readonly figures: number;
  readonly unread: number;
  readonly notBack: number;
  readonly left: readonly LeftShown[];
  /** Whether who looks reads something in it a second time. */
  readonly readsSecond: boolean;
  readonly closed: {
    readonly when: string;
    readonly by: string;
    readonly reason: string | null;
    /** Whether the rules are others by now than it was closed by. */
    readonly otherRules: boolean;
    readonly differences: readonly DifferenceShown[];
  } | null;
}

/** The year, made of its terms. */
export interface YearShown extends MarksShown {
  readonly kind: 'year';
  /** The totals of each student in each term, in the order of the terms. */
  readonly totals: readonly (readonly (number | null)[])[];
}
