import type { Audience } from '../../core/access/audience';
import type { Slat } from '../../core/requirements/slats';

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

/** A post on a sheet to talk about: as it was handed in last or, where it never was, by its assignment alone. */
export interface TalkPost {
  readonly id: string;
  readonly title: string;
  /** The day on which it was handed in, in words; null where it was not. */
  readonly day: string | null;
  readonly slats: readonly Slat[] | null;
  /** Who may read it by now; null for its writer and the teachers. */
  readonly readers: Audience | null;
  /** The words of each of its hand-ins. */
  readonly words: readonly number[];
}

/** A note that was sent, with what its writer answered last. */
export interface TalkNote {
  readonly id: string;
  readonly postId: string;
  /** The passage that it stands at; null where it is about something else. */
  readonly quote: string | null;
  readonly text: string;
  readonly by: string;
  readonly when: string;
  readonly answer: string | null;
}

/** A sheet to talk about with a student and their family. */
export interface TalkSheet {
  readonly personId: string;
  readonly name: string;
  readonly posts: readonly TalkPost[];
  /** Posts that are written and not handed in. */
  readonly underWay: number;
  /** The latest first. */
  readonly notes: readonly TalkNote[];
  /** What was given back, in the term or in the year. */
  readonly told: Pick<ToldTerm, 'overall' | 'letter' | 'categories'>;
  /** Categories in which nothing was given back yet. */
  readonly waiting: readonly string[];
}

/** Sheets to talk about, in the order in which they are printed. */
export interface TalkShown {
  readonly classId: string;
  readonly inClass: string;
  readonly teacher: string;
  readonly rounding: number;
  readonly terms: readonly { readonly term: string; readonly name: string }[];
  /** The first day of the term that they are of; null for the year. */
  readonly term: string | null;
  readonly sheets: readonly TalkSheet[];
}

/** For whom sheets can be made. */
export interface ChooseSheetsShown {
  readonly classId: string;
  readonly students: readonly { readonly personId: string; readonly name: string }[];
}
