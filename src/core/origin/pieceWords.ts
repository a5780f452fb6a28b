import { comparable } from '../alike/comparable';
import { hash32 } from '../text/hash';

/**
 * What is kept of the words of a piece that came at once, so that it can be found again: a number for each, as the word is compared,
 * case folded and without punctuation. Words that were taken out again can't be read out of them by who looks at the table, and the
 * same word has another number in another post.
 * @param salt the post's id
 * @returns whole numbers from 0 to 2^32 − 1, one for each word
 */
export function pieceWords(words: readonly string[], salt: string): readonly number[] {
  const known = new Map<string, number>();
  return words.map((word) => {
    let number = known.get(word);
    if (number === undefined) {
      number = hash32(`${salt} ${comparable(word).join('')}`);
      known.set(word, number);
    }
    return number;
  });
}
