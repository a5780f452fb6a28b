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

/**
 * `rememberByNode` for a function that is also given an option, of which there are few: each has a key of its own.
 * What is computed is never undefined.
 */
export function rememberByNodeAnd<Option, Value>(
  keyOf: (option: Option) => string,
  compute: (node: Node, option: Option) => Value,
): (node: Node, option: Option) => Value {
  const known = rememberByNode(() => new Map<string, Value>());
  return (node, option) => {
    const values = known(node);
    const key = keyOf(option);
    const found = values.get(key);
    if (found !== undefined) return found;
    const value = compute(node, option);
    values.set(key, value);
    return value;
  };
}
