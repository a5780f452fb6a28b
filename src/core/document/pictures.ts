import type { Node } from 'prosemirror-model';
import type { PictureInPost } from './blockRead';
import { reading } from './reading';

export type { PictureInPost };

/** All pictures of a document in reading order, those in rows, lists and tables too. */
export function pictures(document: Node): readonly PictureInPost[] {
  return reading(document).pictures;
}
