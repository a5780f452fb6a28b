import type { Criterion } from '../../core/assignments/rubric';
import type { GradeInput } from '../../core/grading/gradeInput';
import type { SecondState } from '../../core/grading/secondReading';

/** What one of both readers gave a post. */
export interface GivenShown {
  /** Indices of levels by criterion. */
  readonly levels: Readonly<Record<string, number>>;
  /** Null while something is left to judge. */
  readonly figure: number | null;
  readonly possible: number;
  /** What was earned without the criteria, and of how much. */
  readonly earned: number;
  readonly of: number;
  readonly notes: number;
}

/** A post that is read a second time, as far as who looks may see it. */
export interface SecondRowShown {
  readonly postId: string;
  readonly handInId: string;
  readonly writer: { readonly name: string; readonly monogram: string };
  readonly title: string;
  readonly words: number;
  readonly handedIn: string;
  /** The second reader. */
  readonly by: string;
  /** Whether that is who looks. */
  readonly isReader: boolean;
  readonly state: SecondState;
  readonly first: GivenShown | null;
  readonly second: GivenShown | null;
  /** How much more the second gave, negative for less; null while one of both is not in. */
  readonly difference: number | null;
  /** The criteria of which they gave different levels, by name. */
  readonly differing: readonly string[];
  readonly settled: {
    readonly figure: number;
    readonly reason: string;
    readonly levels: Readonly<Record<string, number>>;
  } | null;
  /** What the figure is computed from; null for who does not set it. */
  readonly input: GradeInput | null;
}

export interface SecondProps {
  readonly classId: string;
  readonly assignmentId: string;
  readonly title: string;
  readonly rubric: readonly Criterion[];
  /** The largest difference first. */
  readonly rows: readonly SecondRowShown[];
  readonly mayAsk: boolean;
  /** Who can be asked. */
  readonly teachers: readonly { readonly personId: string; readonly name: string }[];
  /** What is handed in and read once. */
  readonly unread: {
    readonly count: number;
    /** Of those that are judged to the end. */
    readonly figures: readonly number[];
    readonly possible: number;
  };
}
