import type { Node } from 'prosemirror-model';
import { blockText } from '../document/plainText';
import type { Place } from './found';

/** What of a document's plain text is code: blocks of it, and words marked as such. */
export function codeInDocument(document: Node): readonly Place[] {
  const code: Place[] = [];
  let at = 0;
  document.descendants((block) => {
    if (!block.isTextblock) return true;
    const { length } = blockText(block);
    if (block.type.name === 'codeBlock') code.push({ from: at, to: at + length });
    else code.push(...codeInBlock(block, at));
    // The line feed between two blocks.
    at += length + 1;
    return false;
  });
  return code;
}

function codeInBlock(block: Node, begins: number): readonly Place[] {
  const code: Place[] = [];
  let at = begins;
  block.forEach((child) => {
    const length = child.isText ? child.nodeSize : child.type.name === 'hardBreak' ? 1 : 0;
    if (child.marks.some((mark) => mark.type.name === 'code')) code.push({ from: at, to: at + length });
    at += length;
  });
  return code;
}
