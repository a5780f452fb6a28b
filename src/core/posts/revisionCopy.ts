import type { Node } from 'prosemirror-model';
import { comparableText } from '../alike/comparable';
import { fingerprints } from '../alike/fingerprints';
import { maybePictureAddress, readersHtml } from '../document/html/readersHtml';
import { links, maybeWebAddress } from '../document/links';
import { nodesOfType } from '../document/nodesOfType';
import { pictures } from '../document/pictures';
import { plainText } from '../document/plainText';
import { teaserFrom } from '../document/teaser';
import type { CountOptions } from '../document/countedBlocks';
import { countDocumentWords } from '../words/documentWords';
import type { Beside } from './beside';
import { headingLinks, type EntryLink } from './entryLinks';

/**
 * The number of what is made here. Whoever changes what a copy holds for the same revision gives it the next one: copies of another
 * number are made again before the house opens.
 */
export const RENDERER = 4;

/**
 * What is needed of a revision again and again, made once: a revision never changes. It depends on the revision alone, but for the
 * words, which are those that its assignment counted when it was made; names, labels and what the class sets are put in at reading.
 */
export interface RevisionCopy {
  /** The text without its marks, a line for each block. */
  readonly plainText: string;
  /** As readers are given it, links in the text opening where they are: see `htmlForReaders`. */
  readonly html: string;
  /** What stands for it in lists: its writer's own words, or its first sentences. */
  readonly teaser: string;
  readonly words: number;
  /** The picture that stands for it: the one that its writer chose, or its first. */
  readonly cover: Beside['cover'];
  /** Every heading with the name of its place. */
  readonly headings: readonly EntryLink[];
  /** How many pictures stand in it. */
  readonly pictures: number;
  /** How many web addresses its links lead to, each counted once. */
  readonly links: number;
  /** The shared documents that it names, in their order. */
  readonly documents: readonly DocumentNamed[];
  /** Its words as others' are compared with them: see `comparableText`. */
  readonly comparable: string;
  /** By these texts that have words in a row with it are found. */
  readonly fingerprints: readonly number[];
}

/** A shared document as a post names it. */
interface DocumentNamed {
  readonly address: string;
  readonly title: string;
}

/** @param counted which of its words count: see `countedFor` */
export function copyOfRevision(
  body: Node,
  { teaser, cover }: Pick<Beside, 'teaser' | 'cover'>,
  counted: CountOptions,
): RevisionCopy {
  const compared = comparableText(body);
  const first = pictures(body).find(({ src }) => maybePictureAddress(src));
  return {
    plainText: plainText(body),
    html: readersHtml(body, { sameTab: true }),
    teaser: teaser.trim() || teaserFrom(body),
    words: countDocumentWords(body, counted),
    cover: cover ?? (first ? { src: first.src, description: first.description } : null),
    headings: headingLinks(body),
    pictures: pictures(body).length,
    links: new Set(
      links(body)
        .map((link) => maybeWebAddress(link.href))
        .filter(Boolean),
    ).size,
    documents: nodesOfType(body, 'sharedDocument').map(({ node }) => ({
      address: String(node.attrs['address']),
      title: String(node.attrs['title']),
    })),
    comparable: compared,
    fingerprints: fingerprints(compared),
  };
}

/** A link in the text as `readersHtml` writes it. No text and no attribute holds a quotation mark that is not escaped. */
const TEXT_LINK = /<a href="([^"]*)" rel="([^"]*)">/g;

/** The HTML of a copy for a class whose links in texts open in a tab of their own, or where they are. */
export function htmlForReaders(
  { html }: Pick<RevisionCopy, 'html'>,
  { sameTab }: { readonly sameTab: boolean },
): string {
  return sameTab ? html : html.replace(TEXT_LINK, '<a href="$1" target="_blank" rel="$2">');
}
