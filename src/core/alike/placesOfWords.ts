import type { Passage } from '../notes/passage';
import { wordsOf } from '../words/countWords';

/** Where each word that counts stands in a text (UTF-16 units), in their order. */
export function placesOfWords(text: string): readonly Passage[] {
  let after = 0;
  return wordsOf(text).map((word) => {
    const place = placeFrom(text, word, after) ?? { from: after, to: after };
    after = place.to;
    return place;
  });
}

/** The next place of a word, whose own signs may have others between them that are no part of it: a soft hyphen, a joiner. */
function placeFrom(text: string, word: string, after: number): Passage | null {
  const whole = text.indexOf(word, after);
  for (let from = after; from < text.length && from !== whole; from += 1) {
    const to = endFrom(text, word, from);
    if (to !== null) return { from, to };
  }
  return whole < 0 ? null : { from: whole, to: whole + word.length };
}

function endFrom(text: string, word: string, from: number): number | null {
  if (text[from] !== word[0]) return null;
  let at = from;
  for (let sign = 0; sign < word.length; at += 1) {
    if (text[at] === word[sign]) sign += 1;
    else if (at >= text.length || !/[\u00AD\u200B-\u200D\u2060\uFEFF]/u.test(text[at] ?? '')) return null;
  }
  return at;
}
