import type { Node } from 'prosemirror-model';
import { rememberByNode } from './remember';

/** The text of one block with its inline line breaks; marks leave no trace. */
export const blockText = rememberByNode((block: Node): string =>
  block.textBetween(0, block.content.size, '\n', (leaf) => (leaf.type.name === 'hardBreak' ? '\n' : '')),
);

/** The whole document as plain text, a line for each block, in reading order. */
export function plainText(document: Node): string {
  return linesOf(document).join('\n');
}

/** The text of each block in which words stand, in reading order: of one such block its own. */
export function linesOf(node: Node): readonly string[] {
  if (node.isTextblock) return [blockText(node)];
  const lines: string[] = [];
  node.descendants((inner) => {
    if (!inner.isTextblock) return true;
    lines.push(blockText(inner));
    return false;
  });
  return lines;
}
