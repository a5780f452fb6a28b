import type { Node } from 'prosemirror-model';
import { blockText } from './plainText';

export interface HeadingInPost {
  readonly position: number;
  readonly level: number;
  readonly text: string;
  readonly outline: boolean;
}

/** The headings of a document in reading order. */
export function headings(document: Node): HeadingInPost[] {
  const found: HeadingInPost[] = [];
  document.descendants((node, position) => {
    if (node.type.name === 'heading')
      found.push({
        position,
        level: Number(node.attrs['level']),
        text: blockText(node).trim(),
        outline: node.attrs['outline'] === true,
      });
    return !node.isTextblock;
  });
  return found;
}
