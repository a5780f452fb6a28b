import { isAscii } from './ascii';
import { fold } from './alike';

/** A text as it is compared, with the way back to where each part of it stands. */
export interface FoldedText {
  /** As `fold` makes it, without signs that cannot be seen. */
  readonly text: string;
  /** The place in the text as it was typed, in UTF-16 units, of what stands from one place to another in the folded one. */
  readonly placeOf: (from: number, to: number) => { readonly from: number; readonly to: number };
}

/** A letter or sign with the marks that belong to it. */
const PIECES = /\P{M}\p{M}*|\p{M}+/gu;
/** Soft hyphens, zero-width signs and what says how a sign is drawn. */
const UNSEEN = /[\u00AD\u200B-\u200D\u2060\uFEFF\uFE00-\uFE0F]/gu;
const SPACE = /^\p{White_Space}+$/u;

/** Folds a text so that what is found in it can be shown in the text as it was typed. */
export function foldedText(typed: string): FoldedText {
  if (isAscii(typed) && !/\s\s|[\t-\r`]/.test(typed))
    return { text: typed.toLowerCase(), placeOf: (from, to) => ({ from, to }) };
  let text = '';
  /** For each unit of the folded text where its piece begins and ends in the typed one. */
  const starts: number[] = [];
  const ends: number[] = [];
  for (const { 0: piece, index } of typed.matchAll(PIECES)) {
    const shown = piece.replace(UNSEEN, '');
    const alone = SPACE.test(shown) ? ' ' : fold(shown);
    // Spaces become one, also where the last of them carries a mark.
    const folded = text.endsWith(' ') && alone.startsWith(' ') ? alone.slice(1) : alone;
    if (folded === '') continue;
    text += folded;
    for (let unit = 0; unit < folded.length; unit += 1) {
      starts.push(index);
      ends.push(index + piece.length);
    }
  }
  return {
    text,
    placeOf: (from, to) => ({ from: starts[from] ?? typed.length, to: ends[to - 1] ?? typed.length }),
  };
}
