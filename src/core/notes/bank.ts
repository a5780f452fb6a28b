import { fold } from '../text/alike';

/** Longest sentence of the note bank, and longest name of a group, in UTF-16 units. */
export const LONGEST_SENTENCE = 2000;
export const LONGEST_GROUP = 60;

/** Where the given name of a writer goes in a sentence that is kept. */
const GAP = /\{name\}/g;

/** A sentence that is kept for notes. */
export interface Sentence {
  readonly id: string;
  readonly words: string;
  readonly group: string;
  /** How often who looks has used it. */
  readonly uses: number;
}

/**
 * Those of some sentences in which everything that was typed begins a word, of the sentence or of its group, whatever its capitals and
 * accents; the often-used ones first, of equals by the alphabet.
 */
export function findSentences<Kept extends Sentence>(
  sentences: readonly Kept[],
  typed: string,
): readonly Kept[] {
  const wanted = partsOf(typed);
  return sentences
    .filter(({ words, group }) => {
      const there = partsOf(`${words} ${group}`);
      return wanted.every((part) => there.some((word) => word.startsWith(part)));
    })
    .toSorted(
      (one, other) =>
        other.uses - one.uses || one.words.localeCompare(other.words) || (one.id < other.id ? -1 : 1),
    );
}

function partsOf(text: string): readonly string[] {
  return fold(text).match(/[\p{L}\p{N}\p{M}]+/gu) ?? [];
}

/** A sentence as it goes into a note to somebody. @param name null where no name may be said: a line to be filled in stands there */
export function sentenceTo(words: string, name: string | null): string {
  return words.replace(GAP, () => name ?? '____');
}

/** What of a note is worth keeping for others: the given name of who it was written to becomes a gap, wherever it stands as a word. */
export function sentenceFrom(note: string, name: string): string {
  if (!/[\p{L}\p{N}]/u.test(name)) return note.trim();
  const literal = name.replace(/[\\^$.*+?()[\]{}|]/g, '\\$&');
  return note
    .trim()
    .replace(new RegExp(`(?<![\\p{L}\\p{N}\\p{M}])${literal}(?![\\p{L}\\p{N}\\p{M}])`, 'gu'), '{name}');
}
