import { hash53 } from '../text/hash';
import { ROW, wordsIn } from './comparable';

/** So many words are hashed together … */
const SHINGLE = 5;
/** … and of so many such hashes in a row the least is kept: no row of `ROW` words is without one. */
const WINDOW = ROW - SHINGLE + 1;

/**
 * The fingerprints of a text that others are compared with (its `comparableText`): whole numbers from 0 to 2^53 − 1, each once. Any
 * text that has `ROW` words in a row with it shares one of them. (Winnowing: S. Schleimer, D. Wilkerson, A. Aiken, "Local Algorithms
 * for Document Fingerprinting", 2003.)
 */
export function fingerprints(words: string): readonly number[] {
  const found = new Set<number>();
  winnow(wordsIn({ words }), found);
  return [...found];
}

/** The same of what is a writer's own, row by row: with these other texts are looked for. */
export function ownFingerprints(rows: readonly (readonly string[])[]): readonly number[] {
  const found = new Set<number>();
  for (const words of rows) winnow(words, found);
  return [...found];
}

/** Texts of fewer than `ROW` words have none. */
function winnow(words: readonly string[], into: Set<number>): void {
  const hashes = Array.from({ length: Math.max(0, words.length - SHINGLE + 1) }, (_, at) =>
    hash53(words.slice(at, at + SHINGLE).join(' ')),
  );
  for (let at = 0; at + WINDOW <= hashes.length; at += 1)
    into.add(Math.min(...hashes.slice(at, at + WINDOW)));
}
