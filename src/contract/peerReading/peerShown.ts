import type { Anchor } from '../../core/notes/anchor';

/** What somebody said of a text, for its writer. */
export interface PeerSaid {
  readonly readingId: string;
  /** Who said it; null where readers are not named. */
  readonly by: string | null;
  readonly useful: boolean;
  readonly answers: readonly {
    readonly question: string;
    readonly words: string;
    readonly quote: string | null;
  }[];
  readonly notes: readonly { readonly name: string; readonly words: string; readonly quote: string | null }[];
}

/** How it stands with reading each other, for one of the writers. */
export interface PeerStanding {
  /** When texts are taken, in words; null where that is over, or not settled. */
  readonly takes: string | null;
  /** To whom the own text goes then, or went; empty before groups are made. */
  readonly goesTo: readonly string[];
  /** Whether readers are named to those whom they read for. */
  readonly named: boolean;
  /** What one has to read: whose, and whether it was given back. */
  readonly toRead: readonly { readonly readingId: string; readonly of: string; readonly given: boolean }[];
  /** With whom one would read who has something to show only now; null where one cannot join. */
  readonly joins: readonly string[] | null;
  readonly said: readonly PeerSaid[];
}

/** A text that a classmate reads before it is handed in. */
export interface PeerTextShown {
  readonly classId: string;
  readonly readingId: string;
  readonly assignment: string;
  readonly number: number;
  /** Whose text it is, and what they are called. */
  readonly writer: string;
  readonly called: string;
  /** Whether they read who said it. */
  readonly named: boolean;
  readonly teachers: readonly string[];
  /** When the text was taken, in words. */
  readonly taken: string;
  /** Until when the assignment is due for its writer, in words; null for no time. */
  readonly until: string | null;
  /** Why it cannot be read any more; null while it can. */
  readonly over: 'handedIn' | 'over' | null;
  readonly title: string;
  readonly words: number;
  readonly html: string;
  readonly language: string;
  readonly questions: readonly string[];
  readonly said: readonly SaidByPeer[];
  readonly given: boolean;
  /** Who reads, and what seals what they typed on this device until it is kept. */
  readonly reader: { readonly id: string; readonly sealKey: string };
  /** Which one of how many texts it is, and the next of them. */
  readonly place: { readonly at: number; readonly of: number };
  readonly next: { readonly readingId: string; readonly called: string } | null;
}

/** What a reader keeps under a name. */
interface SaidByPeer {
  readonly name: string;
  readonly anchor: Anchor | null;
  readonly words: string;
  readonly when: string;
  readonly takenBack: boolean;
}

/** How reading each other is arranged for an assignment, and how it goes, for those who teach. */
export interface PeerGroupsShown {
  readonly classId: string;
  readonly assignmentId: string;
  readonly title: string;
  readonly isSet: boolean;
  readonly hidesNames: boolean;
  readonly rule: {
    readonly size: 2 | 3;
    readonly questions: readonly string[];
    readonly named: boolean;
    /** Local, `2026-11-19T10:15`; null where groups are made by hand. */
    readonly at: string | null;
  } | null;
  readonly round: {
    readonly id: string;
    /** When texts are taken, in words; null where they are. */
    readonly takes: string | null;
    readonly groups: readonly (readonly PeerMemberShown[])[];
    /** Who reads with nobody, since there is only whom they are kept apart from. */
    readonly alone: readonly string[];
    /** Who read each other the last time too, since there was no other way. */
    readonly again: readonly (readonly [string, string])[];
  } | null;
  readonly students: readonly { readonly personId: string; readonly name: string }[];
  /** Whom who looks keeps apart. */
  readonly apart: readonly {
    readonly oneId: string;
    readonly otherId: string;
    readonly names: readonly [string, string];
  }[];
}

/** Somebody of a group: what they read, and what they said of it. */
export interface PeerMemberShown {
  readonly personId: string;
  readonly name: string;
  /** Whether their text was there to be taken; null before that. */
  readonly showed: boolean | null;
  readonly reads: readonly {
    readonly readingId: string;
    readonly of: string;
    readonly opened: boolean;
    readonly given: boolean;
    readonly useful: boolean;
    readonly said: readonly (Omit<SaidByPeer, 'anchor'> & {
      readonly quote: string | null;
      readonly question: string | null;
    })[];
  }[];
}
