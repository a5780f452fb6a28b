import type { Sentence } from '../../core/notes/bank';

/** A sentence of the note bank, as somebody who may use it sees it. */
export interface SentenceKept extends Sentence {
  readonly mine: boolean;
  /** Whose it is, by name. */
  readonly owner: string;
  readonly shared: boolean;
  readonly version: number;
}
