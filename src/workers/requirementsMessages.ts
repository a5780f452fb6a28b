import type { DocumentJson } from '../core/document/openDocument';
import type { Answer } from '../core/requirements/answer';
import type { PostToCheck } from '../core/requirements/post';
import type { AssignmentToCheck } from '../core/requirements/requirement';

/** What a page asks its worker: how a writing stands. Turns rise, so that a late answer is known as one. */
export interface Asked {
  readonly turn: number;
  readonly assignment: AssignmentToCheck;
  readonly post: Omit<PostToCheck, 'body' | 'others' | 'speller'> & { readonly body: DocumentJson };
  /** The dictionary that the assignment's spelling goes by; null where none is asked for or there is none. */
  readonly dictionary: string | null;
}

export interface Answered {
  readonly turn: number;
  readonly answer: Answer;
}
