import type { Node } from 'prosemirror-model';
import type { DocumentJson } from './openDocument';

const known = new WeakMap<Node, DocumentJson>();

/** A document as JSON. Blocks that were written before are the same JSON again, so that a key costs the block it changed. */
export function documentJson(document: Node): DocumentJson {
  return { type: document.type.name, attrs: document.attrs, content: document.children.map(blockJson) };
}

function blockJson(block: Node): DocumentJson {
  const json = known.get(block) ?? (block.toJSON() as DocumentJson);
  known.set(block, json);
  return json;
}
