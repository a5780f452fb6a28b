import type { DetailShown } from '../../contract/details/detailShown';
import type { PlaceInText } from '../../contract/reviews/placeInText';
import type { Deed } from '../../contract/deed';
import type { InputOf } from '../../contract/input';
import type { decide } from '../../contract/reviews/decide';
import type { AtReview } from '../../contract/reviews/atReview';
import type { InPicturesShown } from '../../contract/publications/inPicturesShown';
import type { Passage } from '../../core/notes/passage';
import type { Audience } from '../../core/access/audience';
import type { Criterion } from '../../core/assignments/rubric';
import type { Grade } from '../../core/grading/grade';
import type { SecondState } from '../../core/grading/secondReading';
import type { ChangesMarked } from '../../core/posts/changesShown';
import type { Closed, ReadersNow } from '../../core/privacy/readersNow';
import type { EntryLink } from '../../core/posts/entryLinks';
import type { Release } from '../../core/posts/release';
import type { Stage } from '../../core/posts/stage';
import type { Answer } from '../../core/requirements/answer';
import type { Overruling } from '../../core/requirements/overrule';
import type { Requirement } from '../../core/requirements/requirement';
import type { NotesAtWork } from '../notes/useNotes';
import type { StepShown } from '../assignment/Steps';
import type { NoteShown } from '../../contract/notes/noteShown';

/** Everything that a teacher sees of a handed-in post. */
export interface ReviewProps {
  readonly postId: string;
  readonly handInId: string;
  readonly title: string;
  readonly subtitle: string;
  readonly html: string;
  /** What is new since this teacher last opened it, or since a chosen hand-in; null for a first one, and for too much. */
  readonly changed: {
    /** The hand-in that it is compared with, and when this teacher read that; null where they did not. */
    readonly ordinal: number;
    readonly handedIn: string;
    readonly readAt: string | null;
    readonly changes: ChangesMarked;
  } | null;
  /** Whether they may open where the text came from. */
  readonly mayOpenOrigin: boolean;
  /** A passage that a note is to be begun at, where one came with the address. */
  readonly pinAt: Passage | null;
  /** The hand-ins before, oldest first. */
  readonly earlier: readonly { readonly ordinal: number; readonly handedIn: string }[];
  /** Of a growing post: the ways to the entries that are new since then. */
  readonly newEntries: readonly EntryLink[];
  /** How a growing post stands by what it is to reach; none for one that is written once. */
  readonly steps: readonly StepShown[];
  /** Its shared documents with what each said when it was handed in; null where a stranger could not read it. */
  readonly documents: readonly {
    readonly address: string;
    readonly title: string;
    readonly text: string | null;
    readonly when: string | null;
  }[];
  /** Its headings, to see at a glance how it is built. */
  readonly parts: readonly string[];
  readonly labels: readonly string[];
  readonly writer: {
    readonly name: string;
    /** The name by which teachers speak to them; null while it is hidden. */
    readonly called: string | null;
    readonly monogram: string;
    /** Whether a number stands for the name until the grade is given back. */
    readonly hidden: boolean;
  };
  /** The teacher who typed it in for its writer; null for all that its writer wrote, and while names are hidden. */
  readonly typedInBy: string | null;
  readonly classId: string;
  readonly assignmentId: string;
  readonly assignmentTitle: string;
  readonly handedIn: string;
  readonly ordinal: number;
  /** What was decided a moment ago and does not count yet, or could not be carried out; null where nothing was. */
  readonly pending: {
    readonly decision: 'accept' | 'sendBack';
    readonly mine: boolean;
    /** Who decided, where it was another teacher. */
    readonly name: string;
    /** After how many milliseconds it counts. */
    readonly countsIn: number;
    /** The code of why it could not be carried out; null before that. */
    readonly refused: string | null;
  } | null;
  readonly words: number;
  readonly daysLate: number;
  readonly stage: Stage;
  /** Whether others teach the class too. */
  readonly shared: boolean;
  /** Who else is at it, and how it stands. */
  readonly at: AtReview;
  /** How it is read a second time; null where it is not. */
  readonly second: {
    /** Who reads it. */
    readonly by: string;
    /** Whether that is who looks, who is not done: then nothing of what the first reader gave is here. */
    readonly mine: boolean;
    readonly state: SecondState;
    /** Whether both have judged: then levels are set in the second reading alone. */
    readonly locked: boolean;
  } | null;
  /** As it counts: see `overruled`. */
  readonly answer: Answer;
  /** What counts otherwise than the machine found, by the requirement's id. */
  readonly overruled: Readonly<Record<string, Overruling>>;
  readonly requirements: readonly Requirement[];
  readonly rubric: readonly Criterion[];
  readonly levels: Readonly<Record<string, number>>;
  readonly grade: Grade;
  readonly override: { readonly grade: number; readonly reason: string } | null;
  readonly gradeGivenBack: { readonly grade: number; readonly when: string } | null;
  /** Where what each requirement speaks of stands, by requirement; those without a place are not named. */
  readonly places: Readonly<Record<string, readonly PlaceInText[]>>;
  /** Personal details in it; null where it could not be looked through now. */
  readonly details: readonly DetailShown[] | null;
  readonly notes: readonly NoteShown[];
  /** Who reads; what they type and nobody has kept yet is sealed on this device. */
  readonly reader: { readonly id: string; readonly sealKey: string };
  /** Of the class: BCP 47. */
  readonly language: string;
  readonly readers: {
    /** Whom it may reach at most, by what writer, assignment and class allow. */
    readonly wished: Audience;
    /** When what readers see was handed in, where there is a later hand-in; null where they see the latest. */
    readonly readEarlier: string | null;
    /** Null while nobody but its writer and the teachers reads it. */
    readonly now: ReadersNow | null;
    /** To whom it was published. */
    readonly published: Audience | null;
    readonly since: string | null;
    /** To whom it is to be opened at a time, and whether that could not be done when it came; null where nothing is planned. */
    readonly planned: {
      readonly audience: Audience;
      readonly when: string;
      readonly notOpened: boolean;
    } | null;
    /** To whom it can be given, and why not to others. */
    readonly choices: readonly { readonly audience: Audience; readonly closed: Closed | null }[];
    readonly inPictures: InPicturesShown;
    /** Whether the class has a passphrase. */
    readonly classPassphrase: boolean;
    /** The name under which everyone reads it; null while it is hidden. */
    readonly as: string | null;
    readonly whenAccepted: Audience | null;
    readonly release: Release;
    readonly address: string | null;
    /** The address that the writer would like instead; it comes with the acceptance. */
    readonly askedAddress: string | null;
    /** Since when the post has a passphrase of its own, in words. */
    readonly passphraseSince: string | null;
  };
  readonly readBy: readonly { readonly name: string; readonly when: string }[];
  readonly nextPostId: string | null;
}

/** Does something with the hand-in that stands on the page; true when it was done. */
export type ActOnHandIn = <Input extends NamedHandIn, Output>(
  deed: Deed<Input, Output, 'handIn'>,
  more: Omit<NoInfer<Input>, keyof NamedHandIn>,
) => Promise<boolean>;

/** Decides about a hand-in; true where it is kept. */
export type DecideOnHandIn = (made: Omit<InputOf<typeof decide>, keyof NamedHandIn>) => Promise<boolean>;

interface NamedHandIn {
  readonly postId: string;
  readonly handInId: string;
}

/** The review with what can be done about it. */
export interface ReviewRailingProps extends ReviewProps {
  readonly busy: boolean;
  readonly problem: string;
  readonly act: ActOnHandIn;
  readonly decide: DecideOnHandIn;
  readonly notesAtWork: NotesAtWork;
  /** How many of them lost their place. */
  readonly lostNotes: number;
  readonly sendNotes: () => void;
  /** Leads to a passage of the text. */
  readonly show: (passage: Passage) => void;
  /** Begins a note on one with other words for it. */
  readonly noteDetail: (detail: DetailShown) => void;
  /** Begins a note that asks where a passage is from, which stands in another text too. */
  readonly askAbout: (passage: Passage) => void;
  /** Lets others read it, with the personal details that were seen, by their keys; true when it was done. */
  readonly publish: (audience: Audience, details: readonly string[], at: string | null) => Promise<boolean>;
  /** Leaves what was planned. */
  readonly dropOpening: () => Promise<boolean>;
}
