import type { Passage } from '../notes/passage';
import { wordsOf } from '../words/countWords';

/** How words can come other than by a key: from elsewhere, or back into a text that they were taken out of. */
export const WAYS = ['pasted', 'back'] as const;

/** A passage that came at once, in UTF-16 units of the plain text that is saved. */
export interface CameAtOnce extends Passage {
  readonly way: (typeof WAYS)[number];
}

/** Words that one save, or one sitting, brought and took. */
export interface WordsMoved {
  readonly written: number;
  readonly pasted: number;
  /** Words that were taken out before and came back: cut and put elsewhere, undone, or from an earlier version. */
  readonly back: number;
  readonly removed: number;
}

export interface SaveCount extends WordsMoved {
  /** The words of each piece that is large enough to be marked in its place, one after the other. */
  readonly pieces: readonly (readonly string[])[];
}

/** A piece of so many words that came at once is marked in its place. */
export const LARGE_PIECE = 30;
/** Of a passage with fewer new words, most only moved within the text. */
const NEW_SHARE = 0.5;

export const NOTHING_MOVED: WordsMoved = { written: 0, pasted: 0, back: 0, removed: 0 };

/**
 * What a save did to a text, in words: those that the later text has more of than the earlier came, those that it has fewer of went.
 * Where words stand is not compared: what is moved within a text neither comes nor goes.
 * `written + pasted + back - removed` is the difference of the two texts in words, as `countWords` counts them.
 * @param before the plain text that stood, a line for each block
 * @param after the plain text that is saved
 * @param came what its writer's page saw come at once since the save before; may lie beyond the text
 */
export function countSave(before: string, after: string, came: readonly CameAtOnce[]): SaveCount {
  const { added, removed, count } = difference(before, after);
  const counts = { written: 0, pasted: 0, back: 0, removed };
  const pieces: (readonly string[])[] = [];
  let left = count;
  // Passages that lie over each other are no more than the text together.
  let characters = after.length;
  for (const { way, from, to } of came) {
    const passage = wholeWords(after, { from, to });
    if (passage.length > characters) continue;
    characters -= passage.length;
    const words = wordsOf(passage);
    const fresh = added ? words.filter((word) => take(added, word)).length : Math.min(words.length, left);
    left -= fresh;
    if (way === 'back' || fresh < words.length * NEW_SHARE) {
      counts[way] += fresh;
      continue;
    }
    // Words that the passage shares with what it took the place of came with it all the same.
    counts.pasted += words.length;
    counts.removed += words.length - fresh;
    if (words.length >= LARGE_PIECE) pieces.push(words);
  }
  return { ...counts, written: left, pieces };
}

/** Of lines with more characters than this together, far more than one save brings, words are not compared one by one. */
const MOST_COMPARED = 150_000;

interface Difference {
  /** How often each word came that the earlier text has not; null where they are too many to be told apart. */
  readonly added: Map<string, number> | null;
  /** How many came and went. */
  readonly count: number;
  readonly removed: number;
}

function difference(before: string, after: string): Difference {
  // Most lines of a text are as they were, and need not be parted into words.
  const lines = tally(before.split('\n'));
  const young = after.split('\n').filter((line) => !take(lines, line));
  const old = repeated(lines);
  const [came, went] = [young.flatMap(wordsOf), old.flatMap(wordsOf)];
  if (young.join('').length + old.join('').length > MOST_COMPARED)
    return { added: null, count: came.length, removed: went.length };
  const words = tally(went);
  const fresh = came.filter((word) => !take(words, word));
  return { added: tally(fresh), count: fresh.length, removed: went.length - (came.length - fresh.length) };
}

function tally(items: readonly string[]): Map<string, number> {
  const counts = new Map<string, number>();
  for (const item of items) counts.set(item, (counts.get(item) ?? 0) + 1);
  return counts;
}

/** Takes one of an item away, where there is one. */
function take(counts: Map<string, number>, item: string): boolean {
  const count = counts.get(item) ?? 0;
  if (count === 0) return false;
  if (count === 1) counts.delete(item);
  else counts.set(item, count - 1);
  return true;
}

function repeated(counts: ReadonlyMap<string, number>): readonly string[] {
  return [...counts].flatMap(([item, count]) => Array.from({ length: count }, () => item));
}

/** A passage with the rest of the words that it begins and ends in. */
function wholeWords(text: string, { from, to }: Passage): string {
  let begin = Math.min(from, text.length);
  let end = Math.min(Math.max(to, begin), text.length);
  if (begin === end) return '';
  while (begin > 0 && !/\s/u.test(text[begin - 1]!) && !/\s/u.test(text[begin]!)) begin -= 1;
  while (end < text.length && !/\s/u.test(text[end]!) && !/\s/u.test(text[end - 1]!)) end += 1;
  return text.slice(begin, end);
}
