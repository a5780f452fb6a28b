import type { Anchor } from '../../core/notes/anchor';
import type { NoteTarget } from '../../core/notes/note';

/** A note as it stands beside a post: as its author has it, or as it was sent. */
export interface NoteShown {
  readonly id: string;
  readonly author: string;
  /** Whether who looks wrote it. */
  readonly mine: boolean;
  /** In words, in the class's time zone. */
  readonly when: string;
  readonly target: NoteTarget;
  /** Which picture, requirement or criterion; null for the others. */
  readonly targetId: string | null;
  readonly anchor: Anchor | null;
  readonly text: string;
  /** Other words for the passage. */
  readonly suggested: string | null;
  /** Whether its writer has it, perhaps in older words. */
  readonly sent: boolean;
  /** Whether what stands here is not what the writer has. */
  readonly unsent: boolean;
  readonly settled: boolean;
  readonly version: number;
  readonly answers: readonly NoteAnswerShown[];
}

export interface NoteAnswerShown {
  readonly when: string;
  /** Empty where it only says that it is done. */
  readonly text: string;
  readonly done: boolean;
}
