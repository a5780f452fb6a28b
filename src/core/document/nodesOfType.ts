import type { Node } from 'prosemirror-model';
import type { NodeName } from './schema';

/** A node and where it begins, as a document position. */
export interface NodeInPost {
  readonly node: Node;
  readonly position: number;
}

/** The outermost nodes of one kind, in reading order: one within another of its kind is not listed. */
export function nodesOfType(document: Node, name: NodeName): readonly NodeInPost[] {
  const found: NodeInPost[] = [];
  document.descendants((node, position) => {
    if (node.type.name !== name) return true;
    found.push({ node, position });
    return false;
  });
  return found;
}
