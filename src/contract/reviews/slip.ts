import type { DetailKind } from '../../core/personal/found';
import type { Arrangement } from '../../core/posts/pile';
import type { Slat } from '../../core/requirements/slats';

/** One post of the reading pile. */
export interface Slip {
  readonly postId: string;
  readonly writer: string;
  readonly monogram: string;
  readonly classId: string;
  /** The class that it comes from by name, where there are several. */
  readonly group: string | null;
  readonly assignment: string;
  readonly assignmentNumber: number;
  readonly hoursWaiting: number;
  /** Since when it waits, in milliseconds since 1970. */
  readonly waitsSince: number;
  /** The how-many-th hand-in it is, from 1. */
  readonly ordinal: number;
  readonly daysLate: number;
  /** Whether who looks reads it a second time: then its first reader decides about it. */
  readonly second: boolean;
  /** Whether readers see an earlier hand-in of it. */
  readonly changesPublished: boolean;
  readonly slats: readonly Slat[];
  /** Kinds of personal details in it that nobody has said are meant to be there. */
  readonly details: readonly DetailKind[];
  /** Whose posts of the class words of it stand in too, null for a hidden name; an empty list where in another text, null where in none. */
  readonly alike: readonly (string | null)[] | null;
  /** What its writer said to notes that are not settled: how many answers, and whether one of them asks something. */
  readonly answers: { readonly count: number; readonly asks: boolean };
  /** Who said that they read it; null while it is free. */
  readonly takenBy: { readonly name: string; readonly mine: boolean } | null;
  /** Another teacher who has it open; null where nobody has. */
  readonly openWith: string | null;
}

/** A reading pile as somebody wants it. */
export interface Pile {
  /** In order, part by part. */
  readonly parts: readonly (readonly Slip[])[];
  readonly by: Arrangement;
  /** The one class whose posts lie on it; null for all. */
  readonly classId: string | null;
  /** The classes that they teach, by name. */
  readonly classes: readonly { readonly id: string; readonly name: string }[];
}
