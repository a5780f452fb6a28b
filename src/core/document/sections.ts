import type { Node } from 'prosemirror-model';
import { countedBlocks, countKey, type CountOptions } from './countedBlocks';
import { rememberByNode, rememberByNodeAnd } from './remember';
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
  return counterFor(document, options);
}

const counterFor = rememberByNodeAnd(countKey, (document, options: CountOptions) => {
  const blocks = countedBlocks(document, options);
  // Words up to the beginning of each block: what stands between two positions is a difference.
  const before = [0];
  for (const [index, { node }] of blocks.entries()) before.push(before[index]! + wordsInBlock(node));
  const upTo = (position: number): number => {
    let [low, high] = [0, blocks.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (blocks[middle]!.position < position) low = middle + 1;
      else high = middle;
    }
    return before[low]!;
  };
  return (from: number, to: number) => Math.max(0, upTo(to) - upTo(from));
});
