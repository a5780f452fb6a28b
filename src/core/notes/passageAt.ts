import type { Node } from 'prosemirror-model';
import { blockText } from '../document/plainText';
import type { Passage } from './passage';

/**
 * What of a document's plain text stands at a place of it (document positions): all characters between both ends. A place in which
 * no text stands, such as a picture, is the empty passage where its own text, or the next one's, begins.
 */
export function passageAt(document: Node, place: Passage): Passage {
  const found: { from?: number; to?: number; next?: number } = {};
  let at = 0;
  document.descendants((node, position) => {
    if (!node.isTextblock) return true;
    const { length } = blockText(node);
    const inside = position + 1;
    const from = Math.max(place.from, inside);
    const to = Math.min(place.to, inside + length);
    if (from < to) {
      found.from ??= at + from - inside;
      found.to = at + to - inside;
    } else if (inside >= place.from) found.next ??= at;
    at += length + 1;
    return false;
  });
  if (found.from !== undefined && found.to !== undefined) return { from: found.from, to: found.to };
  const beginning = found.next ?? Math.max(0, at - 1);
  return { from: beginning, to: beginning };
}
