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
    hashOf(words.slice(at, at + SHINGLE).join(' ')),
  );
  for (let at = 0; at + WINDOW <= hashes.length; at += 1)
    into.add(Math.min(...hashes.slice(at, at + WINDOW)));
}

/** 53 bits of two 32-bit hashes (FNV-1a with two offsets): two rows of words that share one by chance are compared in full. */
function hashOf(text: string): number {
  let high = 0x811c9dc5;
  let low = 0x9e3779b9;
  for (let at = 0; at < text.length; at += 1) {
    const unit = text.charCodeAt(at);
    high = Math.imul(high ^ unit, 0x01000193);
    low = Math.imul(low ^ unit, 0x01000193);
  }
  // The last multiplication leaves the low bits weak: mixed once more (finalizer of MurmurHash3, A. Appleby, public domain).
  return (mixed(high) >>> 11) * 0x1_0000_0000 + (mixed(low) >>> 0);
}

function mixed(hash: number): number {
  let bits = hash ^ (hash >>> 16);
  bits = Math.imul(bits, 0x85ebca6b);
  bits ^= bits >>> 13;
  bits = Math.imul(bits, 0xc2b2ae35);
  return bits ^ (bits >>> 16);
}
