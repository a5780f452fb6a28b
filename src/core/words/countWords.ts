import { isAscii } from '../text/ascii';

/** Keycaps too where the sign that makes them pictures was left out. */
const EMOJI = /\p{RGI_Emoji}|[\d#*]\u20E3/gv;
const INVISIBLE = /[\u00AD\u200B-\u200D\u2060\uFEFF]/gu;
const SEPARATORS = /[\p{White_Space}\u2013-\u2015]+/u;
const LETTER_OR_DIGIT = /[\p{L}\p{N}]/u;
/** Scripts that are written without spaces between words. */
const UNSPACED =
  /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Thai}\p{Script=Lao}\p{Script=Khmer}\p{Script=Myanmar}]/u;

const segmenter = new Intl.Segmenter('en', { granularity: 'word' });

/**
 * The number of words in plain text, as a word processor shows it: pieces between white space and long dashes that
 * hold a letter or a digit; pieces in scripts without spaces are counted by Unicode word segmentation (UAX 29).
 */
export function countWords(text: string): number {
  return wordsOf(text).length;
}

/** The words that `countWords` counts, as they are written, punctuation at their ends included. */
export function wordsOf(text: string): readonly string[] {
  // Emoji, invisible signs, long dashes and scripts without spaces all lie beyond ASCII.
  if (isAscii(text)) return text.split(/\s+/).filter(hasAsciiLetterOrDigit);
  const words: string[] = [];
  for (const piece of text.replace(EMOJI, '').replace(INVISIBLE, '').split(SEPARATORS)) {
    if (!LETTER_OR_DIGIT.test(piece)) continue;
    if (UNSPACED.test(piece)) words.push(...wordLikeSegments(piece));
    else words.push(piece);
  }
  return words;
}

function hasAsciiLetterOrDigit(piece: string): boolean {
  return /[a-z\d]/i.test(piece);
}

function wordLikeSegments(piece: string): readonly string[] {
  const words: string[] = [];
  for (const { segment, isWordLike } of segmenter.segment(piece)) if (isWordLike) words.push(segment);
  return words;
}
