import type { Node } from 'prosemirror-model';
import type { BlockRead, HeadingInPost, TextRead } from './blockRead';
import { countedTexts, countKey, ofCountedTexts, type CountOptions } from './countedBlocks';
import { endsOf, type SectionBlocks } from './outline';
import { reading, type Reading } from './reading';

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
  const ends = endsOf(headings, ({ position }) => position, size);
  return headings.map(({ position, level, text }, index) => ({ position, level, text, end: ends[index]! }));
}

/** What stands under a heading. */
export interface SectionRead {
  readonly level: number;
  /** Without the heading's own. */
  readonly words: number;
  readonly hasPicture: boolean;
}

/** What stands under each heading, in the order of `sections`; the very same for a section that nobody wrote in. */
export function sectionReads(document: Node, options: CountOptions = {}): readonly SectionRead[] {
  const read = reading(document);
  const { outline } = read;
  if (!outline) return readByPositions(document, read, options);
  return read.ofSections(outline, countKey(options), (section, now) => readByBlocks(section, now, options));
}

function readByBlocks(
  { block, end, level }: SectionBlocks,
  read: Reading,
  options: CountOptions,
): SectionRead {
  const column = ofCountedTexts(read, { name: 'words', options, find: wordsOfTexts });
  let words = 0;
  for (let index = block + 1; index < end; index += 1) words += column[index]!;
  return { level, words, hasPicture: hasPictures(read.blocks, block, end) };
}

function hasPictures(blocks: readonly BlockRead[], from: number, to: number): boolean {
  for (let index = from; index < to; index += 1) if (blocks[index]!.pictures.length > 0) return true;
  return false;
}

/** The same where headings stand within other blocks. */
function readByPositions(document: Node, read: Reading, options: CountOptions): readonly SectionRead[] {
  const words = wordCounter(document, options);
  const shown = read.picturePositions;
  return sections(document).map(({ level, position, end }) => ({
    level,
    // The heading's own words stand at its position; what is under it begins after.
    words: words(position + 1, end),
    hasPicture: placeBefore(shown, end) > placeBefore(shown, position),
  }));
}

/** How many words count in the texts of a block. */
export function wordsOfTexts(texts: readonly TextRead[]): number {
  return texts.reduce((sum, text) => sum + text.words, 0);
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
function placeBefore(positions: readonly number[], position: number): number {
  let [low, high] = [0, positions.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (positions[middle]! < position) low = middle + 1;
    else high = middle;
  }
  return low;
}
