import type { Audience } from '../../core/access/audience';
import type { QuestionsOfAssignment } from '../../contract/questions/questionsShown';
import type { Counting } from '../../core/assignments/counting';
import type { LessonShown } from '../../core/assignments/lessonText';
import type { StarterGroup } from '../../core/assignments/starters';
import type { Release } from '../../core/posts/release';
import type { LabelInSet } from '../../core/labels/labelSet';
import type { Stage } from '../../core/posts/stage';
import type { OpenResult } from '../../core/requirements/post';
import type { AssignmentToCheck } from '../../core/requirements/requirement';
import type { StepShown } from '../assignment/Steps';
import type { Writing } from '../basics/unsavedCopy';
import type { GradeShown } from '../feedback/GradeGivenBack';
import type { NoteShown } from '../../contract/notes/noteShown';

export type { Writing };

/** A day between today and the due day, or how many are left out. */
export type DueDayShown =
  | {
      readonly kind: 'day';
      readonly date: string;
      readonly weekday: string;
      readonly day: number;
      readonly today: boolean;
      readonly due: boolean;
      /** When it is due, on the due day. */
      readonly time: string;
    }
  | { readonly kind: 'gap'; readonly days: number };

export interface DueShown {
  /** In words, in the class's time zone; null without a due time. */
  readonly when: string | null;
  /** Whole days until then, negative when it is past, counted by the calendar. */
  readonly inDays: number;
  readonly late: boolean;
  /** From today to the due day, or the other way round; none without a due time. */
  readonly days: readonly DueDayShown[];
  /** What a day of lateness costs, for a sentence. */
  readonly lateRule: { readonly kind: 'none' | 'points' | 'percent'; readonly perDay: number };
}

/** Everything that the writing desk shows. */
export interface ComposeProps {
  readonly classId: string;
  /** What was asked and answered about the assignment; null for who types in for somebody. */
  readonly questions: QuestionsOfAssignment | null;
  /** Whether the writers of the assignment read each other before they hand in. */
  readonly readEachOther: boolean;
  readonly classCode: string;
  readonly post: Writing & {
    readonly id: string;
    readonly version: number;
    readonly stage: Stage;
    readonly savedAt: string;
    readonly handIns: number;
  };
  readonly assignment: AssignmentToCheck & {
    readonly id: string;
    readonly missing: 'warns' | 'stops';
    /** How wide new pictures begin, in per cent of the text. */
    readonly pictureWidth: number;
    /** What is to be done, and perhaps a model of it. */
    readonly lesson: LessonShown;
    /** Sentence starters by when to use them. */
    readonly prompts: readonly StarterGroup[];
    /** The labels of the class, with what stands beside them. */
    readonly labelSet: readonly LabelInSet[];
  };
  readonly writer: {
    readonly id: string;
    /** Seals unsaved words on this device. */
    readonly sealKey: string;
    readonly monogram: string;
    readonly nameInClass: string;
    readonly nameOutside: string;
  };
  /** The teacher who typed it in for its writer, and whether that is who looks; null for all that its writer wrote. */
  readonly typing: { readonly by: string; readonly mine: boolean } | null;
  readonly teachers: readonly { readonly name: string; readonly monogram: string }[];
  readonly notes: readonly NoteShown[];
  /** When a teacher and an administrator opened this draft for a safety concern. */
  readonly opened: readonly { readonly teacher: string; readonly when: string }[];
  /** Which teachers have read this draft, and when last. */
  readonly draftReaders: readonly { readonly teacher: string; readonly when: string }[];
  readonly due: DueShown;
  /** What a growing post is to reach, one after the other; none for a post that is written once. */
  readonly steps: readonly StepShown[];
  /** What counts at the gate today. */
  readonly counting: Counting;
  /** The class blog, such as `/blog/wind`, and the post's address on it; null before the first hand-in. */
  readonly place: {
    readonly blog: string;
    readonly address: string | null;
    /** Another address that waits for a teacher; null where none does. */
    readonly asked: string | null;
  };
  /** Whether the railing begins with the next thing alone. */
  readonly oneNextThing: boolean;
  readonly readers: {
    readonly release: Release;
    /** What class, assignment and writer allow together. */
    readonly audience: Audience;
    /** The widest that the writer may choose. */
    readonly widest: Audience;
    readonly now: Audience | null;
    /** Whether a worry keeps it from everybody but the writer and the teachers. */
    readonly away: boolean;
    readonly readBy: { readonly teacher: string; readonly when: string } | null;
    readonly draftsOpen: boolean;
    /** Whether teachers judge it without the writer's name until the grade is given back. */
    readonly hidesNames: boolean;
    /** Whether teachers may open where it came from once it is handed in. */
    readonly originSaid: boolean;
    /** Whether search engines may find what everyone can read. */
    readonly found: boolean;
  };
  /** Spellings that the class allows. */
  readonly classWords: readonly string[];
  /** What is known of the addresses in the post. */
  readonly openResults: Readonly<Record<string, OpenResult>>;
  readonly hashes: Readonly<Record<string, string>>;
  readonly grade: GradeShown | null;
  /** What its teacher said when it was sent back; null while it is not. */
  readonly sentBack: SentBackShown | null;
}

/** What a teacher said when a post was sent back. */
export interface SentBackShown {
  readonly by: string;
  readonly when: string;
  /** Until when it is asked for again, in words. */
  readonly until: string | null;
  /** What is to be seen to first; empty where nobody says. */
  readonly first: string;
}
