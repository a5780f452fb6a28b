import { countWords } from '../words/countWords';
import { diffWordsWithSpace } from 'diff';

/** A run of text that two versions share, or that only one of them has. */
export interface WordChange {
  readonly kind: 'same' | 'added' | 'removed';
  readonly text: string;
}

/** Two texts compared word by word (Myers' difference, by the `diff` package); removed words stand before added ones. */
export function wordChanges(before: string, after: string): readonly WordChange[] {
  if (before === after) return before === '' ? [] : [{ kind: 'same', text: before }];
  return diffWordsWithSpace(before, after).map((part) => ({
    kind: part.added ? 'added' : part.removed ? 'removed' : 'same',
    text: part.value,
  }));
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
  const first = wordsOf(one);
  const second = wordsOf(other);
  if (first.length + second.length === 0) return 1;
  const left = new Map<string, number>();
  for (const word of first) left.set(word, (left.get(word) ?? 0) + 1);
  let shared = 0;
  for (const word of second) {
    const count = left.get(word) ?? 0;
    if (count === 0) continue;
    left.set(word, count - 1);
    shared += 1;
  }
  return (2 * shared) / (first.length + second.length);
}

function wordsOf(text: string): readonly string[] {
  return text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [];
}
