import type { Node } from 'prosemirror-model';
import { links, maybeWebAddress } from './links';
import { nodesOfType } from './nodesOfType';
import { rememberByNode } from './remember';

/**
 * Every web address that a document leads to, once each, as the WHATWG URL parser writes it: links, videos and shared
 * documents.
 */
export const webAddresses = rememberByNode((document: Node): readonly string[] => {
  const written = links(document).map((link) => link.href);
  for (const name of ['video', 'sharedDocument'] as const)
    for (const { node } of nodesOfType(document, name)) written.push(String(node.attrs['address']));
  return [...new Set(written.map(maybeWebAddress).filter((address) => address !== null))];
});
