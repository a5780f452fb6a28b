import type { Node } from 'prosemirror-model';
import { blockText } from '../document/plainText';
import type { Passage } from './passage';

/** Where a passage of a document's plain text stands in the document; null where it lies beyond it. */
export function positionsOf(document: Node, { from, to }: Passage): Passage | null {
  const place: { from?: number; to?: number } = {};
  let at = 0;
  document.descendants((node, position) => {
    if (place.to !== undefined) return false;
    if (!node.isTextblock) return true;
    const { length } = blockText(node);
    // Each character of a block's text is one position within it: breaks are the only other leaves.
    if (from <= at + length) place.from ??= position + 1 + from - at;
    if (place.from !== undefined && to <= at + length) place.to = position + 1 + to - at;
    at += length + 1;
    return false;
  });
  return place.from === undefined || place.to === undefined ? null : { from: place.from, to: place.to };
}
