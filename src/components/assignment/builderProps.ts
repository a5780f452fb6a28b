import type { SourceShown } from '../../contract/fileDoors/addSource';
import type { Audience } from '../../core/access/audience';
import type { SchoolYear } from '../../core/classes/schoolYear';
import type { SeriesRule } from '../../core/assignments/series';
import type { Adjustment } from '../../core/assignments/adjustment';
import type { AssignmentDraft } from '../../core/assignments/assignmentSettings';

/** What is asked of one student otherwise; `dueSaid` is the due time in words. */
export interface AdjustmentShown extends Adjustment {
  readonly personId: string;
  readonly name: string;
  readonly due: string | null;
  readonly dueSaid: string | null;
  /** Whether nothing is asked of them. */
  readonly excused: boolean;
}

export interface PersonToAdjust {
  readonly id: string;
  readonly name: string;
  /** A group within the class. */
  readonly group: string | null;
}

export interface BuilderProps {
  readonly assignmentId: string;
  readonly classId: string;
  readonly version: number;
  readonly isSet: boolean;
  readonly handedIn: number;
  /** How many posts were begun. */
  readonly begun: number;
  /** Whether whoever looks may delete it. */
  readonly erases: boolean;
  /** Whether it is out of the way. */
  readonly putAway: boolean;
  readonly draft: AssignmentDraft;
  /** Begun posts that teachers may read while they are written. */
  readonly drafts: readonly { readonly postId: string; readonly writer: string }[];
  readonly groupName: string;
  readonly students: number;
  readonly timeZone: string;
  readonly language: string;
  /** The teacher who builds, as the class knows them. */
  readonly writer: string;
  readonly ceiling: Audience;
  readonly year: SchoolYear;
  readonly classLabels: readonly string[];
  readonly people: readonly PersonToAdjust[];
  /** What is asked of single students otherwise. */
  readonly adjustments: readonly AdjustmentShown[];
  /** The other classes of this teacher's that have this assignment, with how many began it there. */
  readonly given: readonly {
    readonly assignmentId: string;
    readonly classId: string;
    readonly title: string;
    readonly due: string | null;
    readonly begun: number;
    /** Of a series: how many repetitions it has there, and how many of them students see. */
    readonly repetitions: { readonly all: number; readonly seen: number };
  }[];
  /** How many classes have it that this teacher does not teach. */
  readonly givenUnseen: number;
  /** Classes that it could be given to. */
  readonly otherClasses: readonly { readonly id: string; readonly title: string }[];
  /** How it is repeated, and its repetitions by their days. */
  readonly series: {
    readonly rule: SeriesRule;
    readonly repetitions: readonly {
      readonly id: string;
      readonly title: string;
      readonly isSet: boolean;
      /** When students see it, in words. */
      readonly opens: string | null;
      /** A teacher changed it, so that it does not follow the series any more. */
      readonly byHand: boolean;
    }[];
  } | null;
  /** The series that it is a repetition of. */
  readonly seriesOf: { readonly assignmentId: string; readonly title: string } | null;
  /** What was handed in last in this class. */
  readonly earlier: readonly {
    readonly postId: string;
    readonly writer: string;
    readonly assignment: string;
  }[];
  /** Texts that own words are compared with. */
  readonly sources: readonly SourceShown[];
  /** Requirements that were kept to be used again; `from` is whoever shares them, null for one's own. */
  readonly sets: readonly {
    readonly id: string;
    readonly title: string;
    readonly shared: boolean;
    readonly from: string | null;
  }[];
  /** Other assignments of one's classes. */
  readonly others: readonly {
    readonly id: string;
    readonly title: string;
    readonly group: string;
  }[];
}
