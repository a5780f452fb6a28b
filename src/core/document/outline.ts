import type { BlockRead } from './blockRead';

/** A heading that is a block of the document, with the blocks that stand under it: all up to `end`, which is none of them. */
export interface SectionBlocks {
  readonly block: number;
  readonly end: number;
  readonly level: number;
  readonly text: string;
}

/** What was found out about each section, by what it goes by; of a document whose headings are all blocks of it. */
export interface Outline {
  /** The very same list for as long as no heading comes, goes, moves or changes. */
  readonly sections: readonly SectionBlocks[];
  readonly columns: Map<string, readonly unknown[]>;
}

/**
 * Where each of some headings in reading order ends: where the next of the same or a higher level stands, or at the end.
 * @param placeOf where a heading stands, rising: a block or a document position
 * @param size where the document ends, in the same measure
 */
export function endsOf<Heading extends { readonly level: number }>(
  headings: readonly Heading[],
  placeOf: (heading: Heading) => number,
  size: number,
): readonly number[] {
  const ends: number[] = [];
  // From the end: where the next heading of each level begins.
  const next = new Map<number, number>();
  for (let index = headings.length - 1; index >= 0; index -= 1) {
    const heading = headings[index]!;
    let end = size;
    for (const [level, begins] of next) if (level <= heading.level) end = Math.min(end, begins);
    ends[index] = end;
    next.set(heading.level, placeOf(heading));
  }
  return ends;
}

/** The sections of a document by its blocks, in reading order; null where a heading stands within another block. */
export function sectionsByBlocks(blocks: readonly BlockRead[]): readonly SectionBlocks[] | null {
  const headings: Omit<SectionBlocks, 'end'>[] = [];
  for (const [block, { headings: held, node }] of blocks.entries()) {
    const [first] = held;
    if (!first) continue;
    if (node.type.name !== 'heading') return null;
    headings.push({ block, level: first.level, text: first.text });
  }
  const ends = endsOf(headings, ({ block }) => block, blocks.length);
  return headings.map((heading, index) => ({ ...heading, end: ends[index]! }));
}

/** What was found out about the texts of some headings, for as long as these stay as they are. */
const OF_TEXTS = new WeakMap<readonly SectionBlocks[], Map<string, readonly unknown[]>>();

/** What is found out about the text of each heading. @param key of what `find` finds and of all that it goes by */
export function foundOfTexts<Value>(
  sections: readonly SectionBlocks[],
  key: string,
  find: (text: string) => Value,
): readonly Value[] {
  const known = OF_TEXTS.get(sections) ?? new Map<string, readonly unknown[]>();
  OF_TEXTS.set(sections, known);
  const found = (known.get(key) as readonly Value[] | undefined) ?? sections.map(({ text }) => find(text));
  known.set(key, found);
  return found;
}
