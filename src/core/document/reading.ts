import type { Node } from 'prosemirror-model';
import {
  readBlock,
  type Aspect,
  type BlockRead,
  type HeadingInPost,
  type LinkInPost,
  type ListedName,
  type NodeInPost,
  type PictureInPost,
  type TextRead,
} from './blockRead';
import { foundOfTexts, sectionsByBlocks, type Outline, type SectionBlocks } from './outline';

/** Values for each block of a document, in order: by what they are, and by what they were found with. */
type Columns = Map<string, Map<string, readonly unknown[]>>;
/** Lists that stand in a column, each with something in it. */
type Filled<Value> = readonly (readonly Value[])[];
type Fills = Map<string, Filled<unknown>>;
/** Sums of columns, by what they are of. */
type Totals = Map<string, number>;

/**
 * A document as requirements read it: its blocks, and columns of what was found out about each. A document that somebody
 * writes in differs from the one before in a block or two. A reading takes over what the reading before found out about
 * all the others, so that a key costs as much in a long post as in a short one, adding up apart.
 */
export class Reading {
  readonly blocks: readonly BlockRead[];
  readonly children: readonly Node[];
  readonly columns: Columns = new Map();
  readonly fills: Fills = new Map();
  readonly totals: Totals = new Map();
  private readonly known = new Map<string, unknown>();
  private readonly holding: ReadonlyMap<Aspect, readonly BlockRead[]>;
  private readonly before: Takeover | null;
  private outlined: Outline | null | undefined;

  /** @param before the reading before, if of a document that may be much like this one */
  constructor(document: Node, before: Reading | null) {
    const { children } = document;
    this.children = children;
    this.before = before && takeover(before, children);
    this.blocks =
      before && this.before
        ? spliced(before.blocks, this.before, children, readBlock)
        : children.map((block) => readBlock(block));
    const same =
      before && this.before && !anyBetween(before.blocks, this.blocks, this.before, holdsSomething);
    this.holding = same ? before.holding : holdingOf(this.blocks);
  }

  /**
   * What is found out about each block by itself.
   * @param name of what `find` finds; `by` stands for what it goes by, where that is not always the same
   */
  column<Value>(name: string, by: string, find: (block: BlockRead) => Value): readonly Value[] {
    const own = this.columns.get(name)?.get(by);
    if (own) return own as readonly Value[];
    const earlier = this.before?.columns.get(name)?.get(by) as readonly Value[] | undefined;
    const column =
      this.before && earlier
        ? spliced(earlier, this.before, this.blocks, find)
        : this.blocks.map((block) => find(block));
    const named = this.columns.get(name);
    if (named) named.set(by, column);
    else this.columns.set(name, new Map([[by, column]]));
    return column;
  }

  /**
   * The sum of a column: what came is added to the one before, what went is taken off.
   * @param of stands for `amount`
   */
  total<Value>(
    {
      name,
      by,
      find,
    }: { readonly name: string; readonly by: string; readonly find: (block: BlockRead) => Value },
    of: string,
    amount: (value: Value) => number,
  ): number {
    const key = `${name}\n${by}\n${of}`;
    const own = this.totals.get(key);
    if (own !== undefined) return own;
    const { before } = this;
    const column = this.column(name, by, find);
    const earlier = before?.columns.get(name)?.get(by) as readonly Value[] | undefined;
    const known = before?.totals.get(key);
    let sum = 0;
    if (before && earlier && known !== undefined) {
      sum = known;
      for (let index = before.first; index < earlier.length - before.last; index += 1)
        sum -= amount(earlier[index]!);
      for (let index = before.first; index < column.length - before.last; index += 1)
        sum += amount(column[index]!);
    } else for (const value of column) sum += amount(value);
    this.totals.set(key, sum);
    return sum;
  }

  /**
   * Those lists of a column that have something in them: the very same as in the reading before, where the blocks that came
   * and went had nothing.
   */
  filled<Value>(name: string, by: string, find: (block: BlockRead) => readonly Value[]): Filled<Value> {
    const key = `${name}\n${by}`;
    const known = this.fills.get(key);
    if (known) return known as Filled<Value>;
    const column = this.column(name, by, find);
    const earlier = this.before?.fills.get(key) as Filled<Value> | undefined;
    const earlierColumn = this.before?.columns.get(name)?.get(by) as Filled<Value> | undefined;
    const same =
      earlier &&
      earlierColumn &&
      this.before &&
      !anyBetween<readonly unknown[]>(earlierColumn, column, this.before, hasSomething);
    const filled = same ? earlier : column.filter((list) => list.length > 0);
    this.fills.set(key, filled);
    return filled;
  }

  /** What was put together under a key before, or now; never undefined. */
  remembered<Value>(key: string, compute: (reading: Reading) => Value): Value {
    const found = this.known.get(key);
    if (found !== undefined) return found as Value;
    const value = compute(this);
    this.known.set(key, value);
    return value;
  }

  /** The blocks that hold something: as long as these are the same, so is all that there is of it, positions apart. */
  with(aspect: Aspect): readonly BlockRead[] {
    return this.holding.get(aspect) ?? NONE;
  }

  /** Where each block begins, as a document position. */
  get starts(): readonly number[] {
    return this.remembered('starts', ({ children }) => startsOf(children));
  }

  /** The sections by their blocks; null where a heading stands within another block. */
  get outline(): Outline | null {
    if (this.outlined === undefined) this.outlined = this.outlineNow();
    return this.outlined;
  }

  /**
   * What is found out about each section of `outline` by itself; those that hold none of the blocks that came or went keep it.
   * @param key of what `find` finds and of all that it goes by
   */
  ofSections<Value>(
    { sections, columns }: Outline,
    key: string,
    find: (section: SectionBlocks, read: Reading) => Value,
  ): readonly Value[] {
    const own = columns.get(key);
    if (own) return own as readonly Value[];
    const { before } = this;
    const earlier =
      before?.outline?.sections === sections
        ? (before.outline.columns.get(key) as readonly Value[] | undefined)
        : undefined;
    const values = earlier?.slice() ?? [];
    const first = earlier && before ? before.first : 0;
    const last = earlier && before ? this.children.length - before.last : this.children.length;
    for (let index = 0; index < sections.length; index += 1) {
      const section = sections[index]!;
      if (section.block >= last) break;
      if (section.end > first) values[index] = find(section, this);
    }
    columns.set(key, values);
    return values;
  }

  private outlineNow(): Outline | null {
    const { before, blocks } = this;
    const earlier = before?.outline;
    if (
      earlier &&
      before.blocks.length === blocks.length &&
      !anyBetween(before.blocks, blocks, before, hasHeading)
    )
      return { sections: earlier.sections, columns: new Map() };
    const sections = sectionsByBlocks(blocks);
    return sections && { sections, columns: new Map() };
  }

  get texts(): readonly TextRead[] {
    return this.remembered('texts', gatherTexts);
  }

  /** What is found out about each heading's text, in order. @param name as for `column` */
  ofHeadings<Value>(name: string, by: string, find: (text: string) => Value): readonly Value[] {
    const { outline } = this;
    if (outline) return foundOfTexts(outline.sections, `${name}\n${by}`, find);
    const column = this.column(name, by, ({ headings }) => headings.map(({ text }) => find(text)));
    const all: Value[] = [];
    for (const inBlock of column) for (const one of inBlock) all.push(one);
    return all;
  }

  get headings(): readonly HeadingInPost[] {
    return this.remembered('headings', gatherHeadings);
  }

  get pictures(): readonly PictureInPost[] {
    return this.remembered('pictures', gatherPictures);
  }

  /** Where the pictures stand, rising: all that is asked of them at every key. */
  get picturePositions(): readonly number[] {
    return this.remembered('picture positions', gatherPicturePositions);
  }

  get links(): readonly LinkInPost[] {
    return this.remembered('links', gatherLinks);
  }

  /** The outermost nodes of one kind. */
  listed(name: ListedName): readonly NodeInPost[] {
    return this.holding.has(name) ? this.remembered(name, (read) => gatherListed(read, name)) : NOTHING;
  }
}

/** A column of the reading before, with what is found out about the blocks that are new in the place of those that went. */
function spliced<One, Value>(
  earlier: readonly Value[],
  { first, last }: Takeover,
  now: readonly One[],
  find: (one: One) => Value,
): readonly Value[] {
  // Most keys change what stands in a block, not how many there are.
  const values = earlier.length === now.length ? earlier.slice() : earlier.slice(0, first);
  for (let index = first; index < now.length - last; index += 1) values[index] = find(now[index]!);
  if (earlier.length !== now.length)
    for (let index = earlier.length - last; index < earlier.length; index += 1) values.push(earlier[index]!);
  return values;
}

/** What a reading has from the one before: so many blocks at the beginning and at the end are the same. */
interface Takeover {
  readonly first: number;
  readonly last: number;
  readonly columns: Columns;
  readonly fills: Fills;
  readonly totals: Totals;
  readonly blocks: readonly BlockRead[];
  /** Absent where nobody asked for it. */
  readonly outline: Outline | null;
}

function takeover(earlier: Reading, now: readonly Node[]): Takeover | null {
  const { children: before, columns, fills, totals, blocks } = earlier;
  const most = Math.min(before.length, now.length);
  let first = 0;
  while (first < most && before[first] === now[first]) first += 1;
  let last = 0;
  while (last < most - first && before[before.length - 1 - last] === now[now.length - 1 - last]) last += 1;
  return first + last > 0 ? { first, last, columns, fills, totals, blocks, outline: earlier.outline } : null;
}

/** Whether anything that came or went with its block is such. */
function anyBetween<One>(
  before: readonly One[],
  now: readonly One[],
  { first, last }: Pick<Takeover, 'first' | 'last'>,
  isSuch: (one: One) => boolean,
): boolean {
  for (let index = first; index < before.length - last; index += 1) if (isSuch(before[index]!)) return true;
  for (let index = first; index < now.length - last; index += 1) if (isSuch(now[index]!)) return true;
  return false;
}

const hasSomething = (list: readonly unknown[]) => list.length > 0;
const holdsSomething = ({ holds }: BlockRead) => holds.length > 0;
const hasHeading = ({ headings }: BlockRead) => headings.length > 0;

function holdingOf(blocks: readonly BlockRead[]): ReadonlyMap<Aspect, readonly BlockRead[]> {
  const holding = new Map<Aspect, BlockRead[]>();
  for (const block of blocks)
    for (const aspect of block.holds) {
      const found = holding.get(aspect);
      if (found) found.push(block);
      else holding.set(aspect, [block]);
    }
  return holding;
}

function startsOf(children: readonly Node[]): readonly number[] {
  const starts: number[] = [];
  let start = 0;
  for (const block of children) {
    starts.push(start);
    start += block.nodeSize;
  }
  return starts;
}

const NONE: readonly BlockRead[] = [];
const NOTHING: readonly NodeInPost[] = [];

function gatherTexts({ blocks, starts }: Reading): readonly TextRead[] {
  const all: TextRead[] = [];
  for (let index = 0; index < blocks.length; index += 1)
    for (const one of blocks[index]!.texts) all.push({ ...one, position: one.position + starts[index]! });
  return all;
}

function gatherHeadings({ blocks, starts }: Reading): readonly HeadingInPost[] {
  const all: HeadingInPost[] = [];
  for (let index = 0; index < blocks.length; index += 1)
    for (const { position, level, text } of blocks[index]!.headings)
      all.push({ position: position + starts[index]!, level, text });
  return all;
}

function gatherPictures({ blocks, starts }: Reading): readonly PictureInPost[] {
  const all: PictureInPost[] = [];
  for (let index = 0; index < blocks.length; index += 1)
    for (const { position, src, description, licence, caption, credit } of blocks[index]!.pictures)
      all.push({ position: position + starts[index]!, src, description, licence, caption, credit });
  return all;
}

function gatherPicturePositions({ blocks, starts }: Reading): readonly number[] {
  const all: number[] = [];
  for (let index = 0; index < blocks.length; index += 1)
    for (const { position } of blocks[index]!.pictures) all.push(position + starts[index]!);
  return all;
}

function gatherLinks({ blocks, starts }: Reading): readonly LinkInPost[] {
  const all: LinkInPost[] = [];
  for (const [index, { links }] of blocks.entries())
    for (const { from, to, href, text } of links)
      all.push({ from: from + starts[index]!, to: to + starts[index]!, href, text });
  return all;
}

function gatherListed({ blocks, starts }: Reading, name: ListedName): readonly NodeInPost[] {
  const all: NodeInPost[] = [];
  for (const [index, block] of blocks.entries())
    for (const { position, node } of block[name]) all.push({ position: position + starts[index]!, node });
  return all;
}

/**
 * The latest reading of each of a few documents that somebody writes in: the same document is asked about again and again, and
 * the next is like it, and takes its place.
 */
const latest: { readonly document: Node; readonly reading: Reading }[] = [];
const MOST_LATEST = 4;

/** A document's reading. */
export function reading(document: Node): Reading {
  for (const known of latest) if (known.document === document) return known.reading;
  const before = latest.findIndex((known) => mayBeLike(known.document, document));
  const made = new Reading(document, latest[before]?.reading ?? null);
  if (before >= 0) latest.splice(before, 1);
  latest.unshift({ document, reading: made });
  if (latest.length > MOST_LATEST) latest.pop();
  return made;
}

/** Whether two documents begin or end with the very same block. */
function mayBeLike(one: Node, other: Node): boolean {
  return one.firstChild === other.firstChild || one.lastChild === other.lastChild;
}
