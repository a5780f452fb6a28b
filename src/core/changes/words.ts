import { countWords } from '../words/countWords';
import { diffWordsWithSpace } from 'diff';

/** A run of text that two versions share, or that only one of them has. */
export interface WordChange {
  readonly kind: 'same' | 'added' | 'removed';
  readonly text: string;
}

/** Two texts that differ by more words than this are told by their beginning and end alone, which takes no time. */
const MOST_EDITS = 1000;

/**
 * Two texts compared word by word (Myers' difference, by the `diff` package); removed words stand before added ones. Where
 * they have little in common it is told more coarsely: what both begin and end with, and what stands between.
 */
export function wordChanges(before: string, after: string): readonly WordChange[] {
  if (before === after) return before === '' ? [] : [{ kind: 'same', text: before }];
  const parts = diffWordsWithSpace(before, after, { maxEditLength: MOST_EDITS });
  if (!parts) return coarseChanges(before, after);
  return parts.map((part) => ({
    kind: part.added ? 'added' : part.removed ? 'removed' : 'same',
    text: part.value,
  }));
}

function coarseChanges(before: string, after: string): readonly WordChange[] {
  const [old, young] = [before.split(/(?<=\s)/u), after.split(/(?<=\s)/u)];
  const shortest = Math.min(old.length, young.length);
  let begin = 0;
  while (begin < shortest && old[begin] === young[begin]) begin += 1;
  let end = 0;
  while (end < shortest - begin && old.at(-1 - end) === young.at(-1 - end)) end += 1;
  const told: readonly WordChange[] = [
    { kind: 'same', text: old.slice(0, begin).join('') },
    { kind: 'removed', text: old.slice(begin, old.length - end).join('') },
    { kind: 'added', text: young.slice(begin, young.length - end).join('') },
    { kind: 'same', text: end === 0 ? '' : old.slice(-end).join('') },
  ];
  return told.filter((change) => change.text !== '');
}

/** How many words were added and how many removed. */
export function countChanged(changes: readonly WordChange[]): {
  readonly added: number;
  readonly removed: number;
} {
  return { added: wordsThat('added', changes), removed: wordsThat('removed', changes) };
}

function wordsThat(kind: WordChange['kind'], changes: readonly WordChange[]): number {
  return changes
    .filter((change) => change.kind === kind)
    .reduce((sum, change) => sum + countWords(change.text), 0);
}

/**
 * How alike two texts are, from 0 to 1: the words that both have, twice, by all words of both (Dice's coefficient).
 * Two empty texts are alike.
 */
export function likeness(one: string, other: string): number {
  return likenessOf(sharedWords(one, other));
}

/** The same of what two texts share, where that is known. */
export function likenessOf({ shared, all }: Pick<ReturnType<typeof sharedWords>, 'shared' | 'all'>): number {
  return all === 0 ? 1 : (2 * shared) / all;
}

/** How many words two texts share, how many the shorter has, and how many both have together. */
export function sharedWords(one: string, other: string) {
  const first = wordsOf(one);
  const second = wordsOf(other);
  const left = new Map<string, number>();
  for (const word of first) left.set(word, (left.get(word) ?? 0) + 1);
  let shared = 0;
  for (const word of second) {
    const count = left.get(word) ?? 0;
    if (count === 0) continue;
    left.set(word, count - 1);
    shared += 1;
  }
  return { shared, shorter: Math.min(first.length, second.length), all: first.length + second.length };
}

function wordsOf(text: string): readonly string[] {
  return text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [];
}
