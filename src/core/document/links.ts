import type { Node } from 'prosemirror-model';
import { rememberByText } from '../text/remember';
import { rememberByNode } from './remember';

/** A stretch of text that leads somewhere. `from` and `to` are document positions. */
export interface LinkInPost {
  readonly from: number;
  readonly to: number;
  readonly href: string;
  readonly text: string;
}

/** All links of a document in reading order, captions and credits included; neighbours with one address are one link. */
export const links = rememberByNode((document: Node): readonly LinkInPost[] => {
  const found: LinkInPost[] = [];
  document.descendants((node, position) => {
    if (!node.isTextblock) return true;
    found.push(...linksInBlock(node, position + 1));
    return false;
  });
  return found;
});

function linksInBlock(block: Node, start: number): LinkInPost[] {
  const found: LinkInPost[] = [];
  block.forEach((child, offset) => {
    const mark = child.marks.find((candidate) => candidate.type.name === 'link');
    if (!mark) return;
    const href = String(mark.attrs['href']);
    const text = child.isText ? (child.text ?? '') : ' ';
    const from = start + offset;
    const last = found.at(-1);
    if (last && last.href === href && last.to === from)
      found[found.length - 1] = { ...last, to: from + child.nodeSize, text: last.text + text };
    else found.push({ from, to: from + child.nodeSize, href, text });
  });
  return found;
}

/**
 * An address as the WHATWG URL parser writes it, without its fragment, so that two spellings of one address are equal.
 * Null when it is not one that leads to the web (http or https).
 */
export const maybeWebAddress = rememberByText((href): string | null => {
  if (!/^https?:/i.test(href.trim())) return null;
  try {
    const url = new URL(href.trim());
    url.hash = '';
    return url.href;
  } catch {
    // The parser has one kind of failure only: this is no address.
    return null;
  }
});

/** A web address as somebody types it, its scheme put in front where it was left out; null where it can be none. */
export function maybeTypedAddress(typed: string): string | null {
  const address = typed.trim();
  const complete = /^[a-z]+:/i.test(address) ? address : `https://${address}`;
  return maybeWebAddress(complete) && complete.includes('.') ? complete : null;
}

/** The host of a web address without a leading `www.`, for telling sites apart. */
export function siteOf(webAddress: string): string {
  return new URL(webAddress).hostname.replace(/^www\./, '');
}
