/** A figure that a student was told. */
interface ToldFigure {
  readonly id: string;
  readonly title: string;
  /** The day that it is of, in words; null where it is of none. */
  readonly day: string | null;
  readonly figure: number;
  readonly possible: number;
  /** The post that it is about; null for an oral or a test. */
  readonly postId: string | null;
  /** What was told before, and why it changed; null where nothing was. */
  readonly changed: { readonly before: number; readonly reason: string } | null;
  /** Whether it is left out as one of the lowest of its category. */
  readonly dropped: boolean;
}

/** A category with what a student was told in it. */
export interface ToldCategory {
  /** Null for the figures that stand in none. */
  readonly title: string | null;
  /** Of the total, from 0 to 1; null where there is but one category. */
  readonly share: number | null;
  /** Per cent; null where nothing with points counts. */
  readonly score: number | null;
  readonly figures: readonly ToldFigure[];
}

/** What a student was told in a term, or where the class has none in the year, with the totals of that alone. */
export interface ToldTerm {
  /** The first day of the term; null for what is in none. */
  readonly term: string | null;
  readonly name: string | null;
  readonly overall: number | null;
  readonly letter: string | null;
  readonly categories: readonly ToldCategory[];
}

/** A student's own sheet: what was given back, and nothing else. */
export interface SheetShown {
  readonly classId: string;
  readonly classTitle: string;
  readonly rounding: number;
  /** The latest term first. */
  readonly terms: readonly ToldTerm[];
}
