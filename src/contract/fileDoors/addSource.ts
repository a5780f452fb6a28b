import { fileDoor } from '../fileDoor';
import { idSchema } from '../idSchema';

/** A text that own words are compared with, as its teachers see it; no student ever does. */
export interface SourceShown {
  readonly id: string;
  /** The name of the file, what a text was called, or the page's address. */
  readonly name: string;
  readonly words: number;
  /** It was given to the series, and holds for all that it repeats. */
  readonly ofSeries: boolean;
}

/** Gives an assignment a text that own words are compared with: a file, or a text that was typed, sent as one. */
export const addSource = fileDoor({
  path: '/api/sources',
  fields: { assignmentId: idSchema, name: { type: 'string', minLength: 1, maxLength: 1000 } },
  most: 20 * 1024 * 1024,
  refusals: 'file',
}).answers<SourceShown>();
