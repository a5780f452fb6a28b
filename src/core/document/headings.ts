import type { Node } from 'prosemirror-model';
import type { HeadingInPost } from './blockRead';
import { reading } from './reading';

export type { HeadingInPost };

/** The headings of a document that say something, in reading order. */
export function headings(document: Node): readonly HeadingInPost[] {
  return reading(document).headings;
}
