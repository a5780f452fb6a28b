import type { Node } from 'prosemirror-model';
import { links, maybeWebAddress } from './links';
import { rememberByNode } from './remember';

/**
 * Every web address that a document leads to, once each, as the WHATWG URL parser writes it: links, videos and shared
 * documents, in reading order.
 */
export const webAddresses = rememberByNode((document: Node): readonly string[] => {
  const written = links(document).map((link) => link.href);
  document.descendants((node) => {
    if (node.type.name === 'video' || node.type.name === 'sharedDocument')
      written.push(String(node.attrs['address']));
  });
  return [...new Set(written.map(maybeWebAddress).filter((address) => address !== null))];
});
