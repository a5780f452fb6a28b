import type { Node } from 'prosemirror-model';
import { rememberByText } from '../text/remember';
import type { LinkInPost } from './blockRead';
import { reading } from './reading';

export type { LinkInPost };

/** All links of a document in reading order, captions and credits included; neighbours with one address are one link. */
export function links(document: Node): readonly LinkInPost[] {
  return reading(document).links;
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
export const siteOf = rememberByText((webAddress) => new URL(webAddress).hostname.replace(/^www\./, ''));
