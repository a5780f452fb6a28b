import { fold } from '../text/alike';
import { isAscii } from '../text/ascii';
import { rememberByText } from '../text/remember';

/** A word where it stands in a text, in UTF-16 units. */
export interface PlacedWord {
  readonly typed: string;
  readonly from: number;
  readonly to: number;
}

/** Letters and digits in a row, with the marks and the unseen signs within them. */
const WORD = /[\p{L}\p{N}](?:[\p{L}\p{N}\p{M}\u00AD\u200B-\u200D\u2060]*[\p{L}\p{N}\p{M}])?/gu;
const UNSEEN = /[\u00AD\u200B-\u200D\u2060]/gu;
/** Scripts that are written without spaces between words. */
const UNSPACED =
  /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Thai}\p{Script=Lao}\p{Script=Khmer}\p{Script=Myanmar}]/u;
const HAN = /\p{Script=Han}/u;
/** Letters that no decomposition leads to their plain ones. */
const PLAIN: Readonly<Record<string, string>> = {
  ø: 'o',
  æ: 'ae',
  œ: 'oe',
  ł: 'l',
  đ: 'd',
  ð: 'd',
  þ: 'th',
  ı: 'i',
  ħ: 'h',
};
const PLAIN_LETTERS = /[øæœłđðþıħ]/gu;
/** How they are written where a keyboard has no other. */
const SPELT_OUT: Readonly<Record<string, string>> = { ä: 'ae', ö: 'oe', ü: 'ue', å: 'aa', ø: 'oe' };

const segmenter = new Intl.Segmenter('en', { granularity: 'word' });

/**
 * The words of a text as they are searched: letters and digits alone, pieces of scripts without spaces by UAX 29, and of those each
 * Han character by itself.
 */
export function placedWords(text: string): readonly PlacedWord[] {
  return Array.from(text.matchAll(WORD)).flatMap(({ 0: typed, index }) =>
    UNSPACED.test(typed) ? segments(typed, index) : [placed(typed, index)],
  );
}

function segments(text: string, at: number): readonly PlacedWord[] {
  return Array.from(segmenter.segment(text)).flatMap(({ segment, index }) =>
    HAN.test(segment)
      ? Array.from(segment.matchAll(/./gu), ({ 0: sign, index: within }) => placed(sign, at + index + within))
      : [placed(segment, at + index)],
  );
}

function placed(typed: string, from: number): PlacedWord {
  return { typed, from, to: from + typed.length };
}

/**
 * A word in each way in which it is found: folded, without accents ("strasse" for "Straße"); and with ä, ö, ü, å, ø spelt out where
 * it has one ("gruen" beside "grun").
 */
export const searchForms = rememberByText((word: string): readonly string[] => {
  if (isAscii(word)) return [word.toLowerCase()];
  const seen = word.replace(UNSEEN, '');
  const small = seen.normalize('NFC').toLowerCase();
  const spelt = small.replace(/[äöüåø]/gu, (letter) => SPELT_OUT[letter] ?? letter);
  return [...new Set([seen, spelt].map(folded))];
});

function folded(word: string): string {
  return fold(word).replace(PLAIN_LETTERS, (letter) => PLAIN[letter] ?? letter);
}

/** Whether the beginning of a word is enough to find it: three letters of an alphabet, any sign where one is a word already. */
export function findsLonger(form: string): boolean {
  return form.length >= 3 || UNSPACED.test(form);
}
