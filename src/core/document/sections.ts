import type { Node } from 'prosemirror-model';
import { countedBlocks, type CountOptions } from './countedBlocks';
import { rememberByNode } from './remember';
import { headings, type HeadingInPost } from './headings';
import { wordsInBlock } from '../words/countWords';

/** A heading with all that stands under it. */
export interface Section extends HeadingInPost {
  /** Where it ends: the next heading of the same or a higher level, or the end of the document. */
  readonly end: number;
}

/** The sections of a document, in reading order; those of deeper headings lie within those of higher ones. */
export const sections = rememberByNode((document: Node): readonly Section[] => {
  const all = headings(document);
  return all.map((heading, index) => {
    const next = all.slice(index + 1).find((other) => other.level <= heading.level);
    return { ...heading, end: next?.position ?? document.content.size };
  });
});

/**
 * A counter of the words between two document positions. The blocks are counted once, so that asking for many stretches
 * of a long document costs little.
 */
export function wordCounter(
  document: Node,
  options: CountOptions = {},
): (from: number, to: number) => number {
  const blocks = countedBlocks(document, options).map((block) => ({
    position: block.position,
    words: wordsInBlock(block.node),
  }));
  return (from, to) =>
    blocks.reduce((sum, { position, words }) => (position >= from && position < to ? sum + words : sum), 0);
}
