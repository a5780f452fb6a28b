import type { Node } from 'prosemirror-model';
import type { HeadingInPost, TextRead } from './blockRead';
import { countedTexts, countKey, type CountOptions } from './countedBlocks';
import { reading } from './reading';

/** A heading with all that stands under it. */
export interface Section extends HeadingInPost {
  /** Where it ends: the next heading of the same or a higher level, or the end of the document. */
  readonly end: number;
}

/** The sections of a document, in reading order; those of deeper headings lie within those of higher ones. */
export function sections(document: Node): readonly Section[] {
  return reading(document).remembered('sections', ({ headings }) =>
    sectionsOf(headings, document.content.size),
  );
}

function sectionsOf(headings: readonly HeadingInPost[], size: number): readonly Section[] {
  const found: Section[] = [];
  // From the end: where the next heading of each level begins.
  const next = new Map<number, number>();
  for (let index = headings.length - 1; index >= 0; index -= 1) {
    const { position, level, text } = headings[index]!;
    let end = size;
    for (const [other, begins] of next) if (other <= level) end = Math.min(end, begins);
    found.push({ position, level, text, end });
    next.set(level, position);
  }
  return found.reverse();
}

/**
 * A counter of the words between two document positions. The blocks are counted once, so that asking for many stretches
 * of a long document costs little.
 */
export function wordCounter(
  document: Node,
  options: CountOptions = {},
): (from: number, to: number) => number {
  return reading(document).remembered(countKey(options), (read) =>
    counterFor(countedTexts(read, options), read.starts),
  );
}

function counterFor(
  texts: readonly (readonly TextRead[])[],
  starts: readonly number[],
): (from: number, to: number) => number {
  const positions: number[] = [];
  // Words up to the beginning of each text: what stands between two positions is a difference.
  const before = [0];
  let words = 0;
  for (let index = 0; index < texts.length; index += 1)
    for (const text of texts[index]!) {
      positions.push(text.position + starts[index]!);
      words += text.words;
      before.push(words);
    }
  return (from, to) =>
    Math.max(0, before[placeBefore(positions, to)]! - before[placeBefore(positions, from)]!);
}

/** How many of some rising positions stand before one. */
export function placeBefore(positions: readonly number[], position: number): number {
  let [low, high] = [0, positions.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (positions[middle]! < position) low = middle + 1;
    else high = middle;
  }
  return low;
}
