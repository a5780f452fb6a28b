import type { Node } from 'prosemirror-model';
import { rememberByNode } from './remember';

/** The text of one block with its inline line breaks; marks leave no trace. */
export const blockText = rememberByNode((block: Node): string =>
  block.textBetween(0, block.content.size, '\n', (leaf) => (leaf.type.name === 'hardBreak' ? '\n' : '')),
);

/** The whole document as plain text, a line for each block, in reading order. */
export function plainText(document: Node): string {
  const lines: string[] = [];
  document.descendants((node) => {
    if (!node.isTextblock) return true;
    lines.push(blockText(node));
    return false;
  });
  return lines.join('\n');
}
