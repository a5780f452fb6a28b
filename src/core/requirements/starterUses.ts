import type { Node } from 'prosemirror-model';
import type { TextRead } from '../document/blockRead';
import { filledCountedTexts, ofCountedTexts } from '../document/countedBlocks';
import { reading } from '../document/reading';
import { alike, fold } from '../text/alike';
import { rememberByText, sameString } from '../text/remember';

/** A place in the counted text where a sentence starter stands. */
export interface StarterUse {
  /** Which starter of the list. */
  readonly starter: number;
  /** The block that it stands in, as document positions. */
  readonly from: number;
  readonly to: number;
  /** Whether nothing was made of it yet. */
  readonly unfinished: boolean;
}

/** A starter as it is looked for: alike, without its trailing dots. */
export const bareStarter = rememberByText((starter) => alike(alike(starter).replace(/[.\u2026\s]+$/u, '')));

/**
 * Where a post's counted text has sentence starters, as whole words. A use is unfinished when only dots or end
 * punctuation follow before the end of the block, or an ellipsis follows it.
 */
export function starterUses(document: Node, offered: Offered): readonly StarterUse[] {
  const read = reading(document);
  const uses = ofCountedTexts(read, columnOf(offered));
  return uses.flatMap((found, index) => {
    const start = read.starts[index]!;
    return found.map((use) => ({ ...use, from: use.from + start, to: use.to + start }));
  });
}

/** The uses of each starter that stands in a post, by `bareStarter`. */
export function usesByStarter(document: Node, offered: Offered): ReadonlyMap<string, readonly StarterUse[]> {
  const found = new Map<string, StarterUse[]>();
  for (const use of starterUses(document, offered)) {
    const key = bareStarter(offered.starters[use.starter] ?? '');
    found.set(key, [...(found.get(key) ?? []), use]);
  }
  return found;
}

/** The uses in each block that has any: while these are the same, so are all uses, positions apart. */
export function blocksOfUses(document: Node, offered: Offered): readonly object[] {
  return filledCountedTexts(reading(document), columnOf(offered));
}

interface Offered {
  readonly starters: readonly string[];
  readonly outline: readonly string[];
}

function columnOf({ starters, outline }: Offered) {
  const find = (texts: readonly TextRead[]) => usesOf(texts, starters);
  return { name: nameOf(starters), options: { outline }, find };
}

/** A name for each list of starters, put together once. */
const NAMES = new WeakMap<readonly string[], string>();

function nameOf(starters: readonly string[]): string {
  const known = NAMES.get(starters);
  if (known !== undefined) return known;
  const name = sameString(`starters\n${starters.join('\n')}`);
  NAMES.set(starters, name);
  return name;
}

function usesOf(texts: readonly TextRead[], starters: readonly string[]): readonly StarterUse[] {
  const wanted = starters.map(bareStarter);
  return texts.flatMap(({ node, position, text }) =>
    usesIn(fold(text), wanted).map((use) => ({ ...use, from: position, to: position + node.nodeSize })),
  );
}

function usesIn(
  folded: string,
  wanted: readonly string[],
): readonly Pick<StarterUse, 'starter' | 'unfinished'>[] {
  return wanted.flatMap((starter, index) =>
    endsOf(folded, starter).map((after) => ({
      starter: index,
      unfinished: isUnfinished(folded.slice(after)),
    })),
  );
}

const WORD = /[\p{L}\p{N}\p{M}]/u;

/** Where each use of a starter ends in a folded text; as whole words only. */
export function endsOf(folded: string, starter: string): readonly number[] {
  const ends: number[] = [];
  if (starter === '') return ends;
  for (let at = folded.indexOf(starter); at >= 0; at = folded.indexOf(starter, at + 1)) {
    const end = at + starter.length;
    const joinsBefore = WORD.test(starter.slice(0, 1)) && WORD.test(folded.slice(at - 1, at));
    const joinsAfter = WORD.test(starter.slice(-1)) && WORD.test(folded.slice(end, end + 1));
    if (!(at > 0 && joinsBefore) && !joinsAfter) ends.push(end);
  }
  return ends;
}

function isUnfinished(rest: string): boolean {
  return /^\s*(?:\u2026|\.{3})/u.test(rest) || /^[\s.\u2026,;:!?\u00A1\u00BF\p{Pd}]*$/u.test(rest);
}
