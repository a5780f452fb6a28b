import type { DocumentJson } from '../core/document/openDocument';
import type { Answer } from '../core/requirements/answer';
import type { PostToCheck } from '../core/requirements/post';
import type { AssignmentToCheck } from '../core/requirements/requirement';

/** What a page asks its worker: how a writing stands. Turns rise, so that a late answer is known as one. */
export interface Asked {
  readonly kind: 'answer';
  readonly turn: number;
  readonly assignment: AssignmentToCheck;
  readonly post: Omit<PostToCheck, 'body' | 'others' | 'speller'> & { readonly body: DocumentJson };
  /** The dictionary that the writing is spelt by; null where none is asked for or there is none. */
  readonly dictionary: string | null;
}

/** What a page asks beside: which words might have been meant. */
export interface SuggestionAsked {
  readonly kind: 'suggest';
  readonly turn: number;
  readonly word: string;
  readonly dictionary: string;
}

/** A stretch of the text, as document positions. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
}

export type Answered =
  | {
      readonly kind: 'answer';
      readonly turn: number;
      readonly answer: Answer;
      /** Where words stand that no dictionary knows; empty without a dictionary. */
      readonly unknown: readonly Stretch[];
    }
  | { readonly kind: 'suggest'; readonly turn: number; readonly words: readonly string[] };
