import type { Node } from 'prosemirror-model';
import { blockText } from './plainText';
import { rememberByNode } from './remember';

export interface HeadingInPost {
  readonly position: number;
  /** 2 to 4. */
  readonly level: number;
  readonly text: string;
}

/** The headings of a document that say something, in reading order. */
export const headings = rememberByNode((document: Node): readonly HeadingInPost[] => {
  const found: HeadingInPost[] = [];
  document.descendants((node, position) => {
    if (node.type.name !== 'heading') return !node.isTextblock;
    const text = blockText(node).replace(/\s+/gu, ' ').trim();
    if (text) found.push({ position, level: Number(node.attrs['level']), text });
    return false;
  });
  return found;
});
