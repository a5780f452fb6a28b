import type { Node } from 'prosemirror-model';
import type { DocumentJson } from './openDocument';
import { documentSchema } from './schema';

/**
 * Reads one document again and again while it is written, as a worker is sent it. Blocks that did not change are the
 * same nodes as before, so that what was measured of them is remembered. @throws RangeError where it is no document
 */
export function documentReader(): (json: DocumentJson) => Node {
  let known = new Map<string, Node>();
  return ({ attrs, content = [] }) => {
    const next = new Map<string, Node>();
    const blocks = content.map((block) => {
      const key = JSON.stringify(block);
      const node = known.get(key) ?? documentSchema.nodeFromJSON(block);
      next.set(key, node);
      return node;
    });
    known = next;
    return documentSchema.node('doc', attrs ?? null, blocks);
  };
}
