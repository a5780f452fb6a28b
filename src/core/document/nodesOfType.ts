import type { Node } from 'prosemirror-model';
import type { ListedName, NodeInPost } from './blockRead';
import { reading } from './reading';

export type { NodeInPost };

/** The outermost nodes of one kind, in reading order: one within another of its kind is not listed. */
export function nodesOfType(document: Node, name: ListedName): readonly NodeInPost[] {
  return reading(document).listed(name);
}
