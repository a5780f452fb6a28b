import type { Node } from 'prosemirror-model';
import { blockText } from './plainText';
import { rememberByNode } from './remember';

/** A picture as requirements and lists see it. Texts are trimmed; an empty one is missing. */
export interface PictureInPost {
  readonly position: number;
  readonly src: string;
  readonly description: string;
  readonly licence: string;
  readonly caption: string;
  readonly credit: string;
}

/** All pictures of a document in reading order, those in rows, lists and tables too. */
export const pictures = rememberByNode((document: Node): readonly PictureInPost[] => {
  const found: PictureInPost[] = [];
  document.descendants((node, position) => {
    if (node.type.name !== 'picture') return true;
    found.push({
      position,
      src: String(node.attrs['src']),
      description: String(node.attrs['description']).trim(),
      licence: String(node.attrs['licence']).trim(),
      caption: blockText(node.child(0)).trim(),
      credit: blockText(node.child(1)).trim(),
    });
    return false;
  });
  return found;
});
