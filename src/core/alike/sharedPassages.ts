import type { Node } from 'prosemirror-model';
import { countedBlocks } from '../document/countedBlocks';
import type { Passage } from '../notes/passage';
import { comparable, ROW } from './comparable';
import { ownRows, type Given } from './ownRows';
import { placesOfWords } from './placesOfWords';
import { RowIndex } from './rowIndex';

/** A row of words that stands in two texts, with both its places (document positions). */
export interface SharedPassage {
  readonly here: Passage;
  readonly there: Passage;
  readonly words: number;
}

/** Of places where the same eight words begin, so many are tried for the longest row. */
const MOST_PLACES = 8;

/**
 * The rows of own words that stand in one other text, each as long as it goes on in both, in the order of the first text. Together
 * they hold exactly the words that `likeness` counts.
 */
export function sharedPassages(document: Node, other: Node, given: Given): readonly SharedPassage[] {
  const there = placedWords(other);
  const theirs = there.map(({ word }) => word);
  const rows = placedRows(document, given);
  const lists = rows.map((row) => row.map(({ word }) => word));
  const beginnings = lists.map(() => new Map<number, number[]>());
  new RowIndex(lists).meet(theirs, MOST_PLACES, (begins, here) => {
    for (const { list, at } of here) {
      const known = beginnings[list]!.get(at);
      if (known) known.push(begins);
      else beginnings[list]!.set(at, [begins]);
    }
  });
  return lists.flatMap((words, list) =>
    longestRows(words, theirs, beginnings[list]!).map(({ at, begins, length }) => ({
      here: { from: rows[list]![at]!.place.from, to: rows[list]![at + length - 1]!.place.to },
      there: { from: there[begins]!.place.from, to: there[begins + length - 1]!.place.to },
      words: length,
    })),
  );
}

interface SharedRow {
  readonly at: number;
  readonly begins: number;
  readonly length: number;
}

/** @param beginnings by a word, where rows of others begin that are the same for `ROW` words from it */
function longestRows(
  words: readonly string[],
  others: readonly string[],
  beginnings: ReadonlyMap<number, readonly number[]>,
): readonly SharedRow[] {
  const found: SharedRow[] = [];
  let told = 0;
  for (let at = 0; at + ROW <= words.length; at += 1) {
    const [longest] = (beginnings.get(at) ?? [])
      .map((begins) => ({ at, begins, length: sameFrom(words, at, others, begins) }))
      .sort((one, two) => two.length - one.length);
    if (!longest || at + longest.length <= told) continue;
    found.push(longest);
    told = at + longest.length;
    // What begins further on and ends no further is in this one.
    at = told - ROW;
  }
  return found;
}

function sameFrom(words: readonly string[], at: number, others: readonly string[], begins: number): number {
  let length = 0;
  while (at + length < words.length && words[at + length] === others[begins + length]) length += 1;
  return length;
}

interface PlacedWord {
  readonly word: string;
  /** Where its block begins. */
  readonly block: number;
  readonly place: Passage;
}

function placedWords(document: Node): readonly PlacedWord[] {
  return countedBlocks(document).flatMap(({ node, position, text }) => {
    const words = comparable(text);
    const places = placesOfWords(text);
    return words.map((word, index) => {
      // Folding may part a word in two, in scripts that are hardly met: then its block stands for it.
      const place = places.length === words.length ? places[index] : undefined;
      const inside = position + 1;
      return {
        word,
        block: position,
        place: place
          ? { from: inside + place.from, to: inside + place.to }
          : { from: position, to: position + node.nodeSize },
      };
    });
  });
}

/** Own words where they stand: they are some of all words, in the same order. */
function placedRows(document: Node, given: Given): readonly (readonly PlacedWord[])[] {
  const all = placedWords(document);
  let cursor = 0;
  return ownRows(document, given).map((row) =>
    row.map(({ word, from, to }) => {
      let at = cursor;
      while (at < all.length && !(all[at]!.block === from && all[at]!.word === word)) at += 1;
      // A starter that ends within a word leaves one that stands nowhere by itself.
      if (at === all.length) return { word, block: from, place: { from, to } };
      cursor = at + 1;
      return all[at]!;
    }),
  );
}
