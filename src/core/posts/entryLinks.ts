import type { Node } from 'prosemirror-model';
import { entryNumberReader } from '../requirements/entryNumber';
import { blockText } from '../document/plainText';

/** A way to one entry of a growing post: the name of the heading's place, and what it says. */
export interface EntryLink {
  readonly id: string;
  readonly text: string;
}

/** From so many entries on a reader is given the ways to each. */
const MANY = 3;

/** The names of places in a post that a link can lead to: one for each heading, in order. */
export function headingIds(document: Node): ReadonlyMap<Node, string> {
  const ids = new Map<Node, string>();
  document.descendants((node) => {
    if (node.type.name === 'heading') ids.set(node, `part-${ids.size + 1}`);
    return !node.isTextblock;
  });
  return ids;
}

/** Every heading of a post with the name of its place, in order. */
export function headingLinks(document: Node): readonly EntryLink[] {
  return [...headingIds(document)].map(([heading, id]) => ({ id, text: blockText(heading).trim() }));
}

/**
 * The ways to the entries of a growing post that an earlier version did not have yet: by their number and what else their heading says, so
 * that one whose heading was mended counts as new.
 */
export function newEntries(
  headings: readonly EntryLink[],
  before: readonly EntryLink[],
  language: string,
): readonly EntryLink[] {
  const read = entryNumberReader(language);
  const had = new Set(before.map(({ text }) => text));
  return headings.filter(({ text }) => read(text) && !had.has(text));
}

/** The ways to the numbered entries of a post, out of those to its headings; none while there are few. */
export function entryLinks(headings: readonly EntryLink[], language: string): readonly EntryLink[] {
  const read = entryNumberReader(language);
  const links = headings.filter(({ text }) => read(text));
  return links.length >= MANY ? links : [];
}
