import type { Node } from 'prosemirror-model';
import { alike } from '../text/alike';
import { sameString } from '../text/remember';
import type { BlockRead, TextRead } from './blockRead';
import { reading, type Reading } from './reading';

/** A block whose text is counted, and where it begins (a document position). */
export type CountedBlock = Pick<TextRead, 'node' | 'position' | 'text' | 'words'>;

export interface CountOptions {
  readonly excludeQuotations?: boolean;
  readonly excludeHeadings?: boolean;
  /** The assignment's starter outline: its headings are not counted while they stand as they were given. */
  readonly outline?: readonly string[];
}

/** The blocks whose words count (by default all of these): paragraphs, headings, list items, quotations, table cells. */
export function countedBlocks(document: Node, options: CountOptions = {}): readonly CountedBlock[] {
  return chosenOf(reading(document).texts, options);
}

/** A key for options: the same for those that choose the same blocks. */
export function countKey({ excludeQuotations, excludeHeadings, outline }: CountOptions): string {
  const without = (excludeQuotations ? 1 : 0) + (excludeHeadings ? 2 : 0);
  return keysOf(outline ?? NO_OUTLINE)[without] ?? '';
}

const NO_OUTLINE: readonly string[] = [];
/** Keys by the outline that they are for: put together once, since they are asked for at every key that is pressed. */
const KEYS = new WeakMap<readonly string[], readonly string[]>();

function keysOf(outline: readonly string[]): readonly string[] {
  const known = KEYS.get(outline);
  if (known) return known;
  const keys = [0, 1, 2, 3].map((without) => sameString(`${without}\n${outline.join('\n')}`));
  KEYS.set(outline, keys);
  return keys;
}

/** The texts that count of each block of a document, positions counted from the block's beginning. */
export function countedTexts(read: Reading, options: CountOptions): readonly (readonly TextRead[])[] {
  return read.column('countedTexts', countKey(options), ({ texts }) => chosenOf(texts, options));
}

/** Something that is found out about the texts of each block that count. */
interface TextColumn<Value> {
  /** Stands for `find` and for all that it goes by. */
  readonly name: string;
  readonly options: CountOptions;
  readonly find: (texts: readonly TextRead[]) => Value;
}

/** Something of the texts that count in each block. */
export function ofCountedTexts<Value>(
  read: Reading,
  { name, options, find }: TextColumn<Value>,
): readonly Value[] {
  return read.column(name, countKey(options), ({ texts }) => find(chosenOf(texts, options)));
}

/** The sum of something of the texts that count. @param of stands for `amount` */
export function totalOfCountedTexts<Value>(
  read: Reading,
  { name, options, find }: TextColumn<Value>,
  of: string,
  amount: (value: Value) => number,
): number {
  const column = {
    name,
    by: countKey(options),
    find: ({ texts }: BlockRead) => find(chosenOf(texts, options)),
  };
  return read.total(column, of, amount);
}

/** Those lists of `ofCountedTexts` that have something in them, the very same while they do not change. */
export function filledCountedTexts<Value>(
  read: Reading,
  { name, options, find }: TextColumn<readonly Value[]>,
): readonly (readonly Value[])[] {
  return read.filled(name, countKey(options), ({ texts }) => find(chosenOf(texts, options)));
}

function chosenOf(
  texts: readonly TextRead[],
  { excludeQuotations = false, excludeHeadings = false, outline = [] }: CountOptions,
): readonly TextRead[] {
  if (!excludeQuotations && !excludeHeadings && outline.length === 0) return texts;
  return texts.filter(
    ({ node, text, quoted }) =>
      !(excludeQuotations && quoted) &&
      (node.type.name !== 'heading' || !(excludeHeadings || isGiven(node, text, outline))),
  );
}

/** Whether a heading stands as the outline gave it. */
function isGiven(heading: Node, text: string, outline: readonly string[]): boolean {
  return heading.attrs['outline'] === true && outline.some((given) => alike(given) === alike(text));
}
