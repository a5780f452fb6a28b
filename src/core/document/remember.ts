import type { Node } from 'prosemirror-model';

/**
 * Lets a function of one node be computed once for each node. Nodes never change: writing makes new ones for the block
 * that is written in and leaves all others, so while somebody types only that block is measured again. What is
 * remembered goes with its node.
 */
export function rememberByNode<Value>(compute: (node: Node) => Value): (node: Node) => Value {
  const known = new WeakMap<Node, { readonly value: Value }>();
  return (node) => {
    const found = known.get(node);
    if (found) return found.value;
    const value = compute(node);
    known.set(node, { value });
    return value;
  };
}
