import { Fragment, type Node } from 'prosemirror-model';

/** What stands for each character of a credit that is not shown. */
const COVERED = '▒';

/**
 * A document whose credits of pictures are covered, letter by letter: every place in its text stays where it is. Who made a picture is
 * mostly who wrote the post.
 */
export function withoutCredits(document: Node): Node {
  if (document.type.name === 'credit') return document.copy(covered(document.content));
  if (document.isLeaf || document.isTextblock) return document;
  return document.copy(mapped(document.content, withoutCredits));
}

/** Whether something of a text is covered. */
export function isCovered(text: string): boolean {
  return text.includes(COVERED);
}

function covered(content: Fragment): Fragment {
  return mapped(content, (node) =>
    node.isText
      ? node.type.schema.text((node.text ?? '').replace(/\S/g, COVERED))
      : node.copy(covered(node.content)),
  );
}

function mapped(content: Fragment, change: (node: Node) => Node): Fragment {
  const nodes: Node[] = [];
  content.forEach((node) => nodes.push(change(node)));
  return Fragment.fromArray(nodes);
}
