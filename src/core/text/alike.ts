import { isAscii } from './ascii';
import { rememberByText } from './remember';

/** Every sign that is written for an apostrophe. */
const APOSTROPHES = /[\u2018\u2019\u201B\u02BC\u02B9\u2032\uFF07`\u00B4]/gu;
const ENDS =
  /^(?:\p{RGI_Emoji}|[\p{S}\p{Extended_Pictographic}\u200D\uFE0F]|\p{White_Space})+|(?:\p{RGI_Emoji}|[\p{S}\uFE0F\u200D]|\p{White_Space})+$/gv;

/**
 * Text as it is compared where spelling should not matter: Unicode case folding; combining marks removed after Latin
 * and Greek letters; every apostrophe one; white space collapsed; symbols and emoji at both ends dropped.
 */
export const alike = rememberByText((text) => fold(text).replace(ENDS, '').trim());

/** `alike` without dropping anything at the ends. */
export function fold(text: string): string {
  return isAscii(text) ? foldAscii(text) : foldAny(text);
}

/** The same for text without any mark or letter that folds in a way of its own, which most text in English is. */
function foldAscii(text: string): string {
  const small = text.toLowerCase();
  return /[`\t-\r]| {2}/.test(small) ? small.replace(/`/g, "'").replace(/\s+/g, ' ') : small;
}

function foldAny(text: string): string {
  return (
    text
      .normalize('NFD')
      .replace(/([\p{Script=Latin}\p{Script=Greek}])\p{M}+/gu, '$1')
      .normalize('NFC')
      // Small letters first: a capital ẞ has no larger form that would become "ss".
      .toLowerCase()
      .toUpperCase()
      .toLowerCase()
      .replace(/\u03C2/gu, '\u03C3')
      .replace(APOSTROPHES, "'")
      .replace(/\p{White_Space}+/gu, ' ')
  );
}

/** `alike` without punctuation at the ends either. */
export function alikeWithoutPunctuation(text: string): string {
  return alike(text).replace(/^[\p{P}\p{S}\s]+|[\p{P}\p{S}\s]+$/gu, '');
}
