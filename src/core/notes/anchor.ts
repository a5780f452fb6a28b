import { fewestEdits } from './fewestEdits';
import { placesOutsideWords } from './outsideWords';
import { LONGEST_QUOTE } from './note';
import type { Passage } from './passage';

/** Where a note belongs: a passage of a post's plain text, in UTF-16 units. */
export interface Anchor {
  /** The passage as it stood. */
  readonly quote: string;
  /** Up to 32 characters before and after it. */
  readonly prefix: string;
  readonly suffix: string;
  /** Where it began. */
  readonly start: number;
}

/** Characters kept before and after a passage. */
const AROUND = 32;

/** JSON Schema of an anchor. */
export const anchorSchema = {
  type: 'object',
  required: ['quote', 'prefix', 'suffix', 'start'],
  additionalProperties: false,
  properties: {
    quote: { type: 'string' },
    prefix: { type: 'string', maxLength: AROUND },
    suffix: { type: 'string', maxLength: AROUND },
    start: { type: 'integer', minimum: 0 },
  },
} as const;

/**
 * The anchor of a passage of a plain text. What is longer than a quote may be is pinned by its beginning.
 * @param passage not empty, and within the text
 */
export function anchorOf(text: string, { from, to }: Passage): Anchor {
  const end = Math.min(to, from + LONGEST_QUOTE);
  return {
    quote: text.slice(from, end),
    prefix: text.slice(Math.max(0, from - AROUND), from),
    suffix: text.slice(end, end + AROUND),
    start: from,
  };
}

/** Shorter quotes are found as they stand or not at all. */
const SHORTEST_MENDED = 12;
/** At most one edit for so many characters of the quote. */
const CHARACTERS_FOR_EDIT = 4;

/**
 * Finds the passages of notes in a later text: where the quote stands, the place whose surroundings agree most; else the passage
 * with the fewest edits, at most a quarter of the quote's length, that begins and ends outside words. The text is looked through
 * once for all that is the same for each note.
 * @param text the plain text of a post, blocks joined by one line feed
 * @returns null for a passage that is lost
 */
export function anchorFinder(text: string): (anchor: Anchor) => Passage | null {
  let places: Uint8Array | null = null;
  return (anchor) => {
    const { quote } = anchor;
    if (quote === '') return null;
    const exact = exactPassages(text, quote);
    if (exact.length > 0) return likeliest(exact, text, anchor);
    if (quote.length < SHORTEST_MENDED) return null;
    places ??= placesOutsideWords(text);
    const most = Math.floor(quote.length / CHARACTERS_FOR_EDIT);
    const mended = fewestEdits(text, quote, { places, most });
    return mended.length > 0 ? likeliest(mended, text, anchor) : null;
  };
}

/**
 * Where a note belongs: at its passage, or, where that is gone, at the other words that it suggested for it, which its writer may
 * have taken over.
 */
export function placeOfNote(
  find: ReturnType<typeof anchorFinder>,
  { anchor, suggested }: { readonly anchor: Anchor; readonly suggested: string | null },
): Passage | null {
  const place = find(anchor);
  if (place || suggested === null || suggested.length < SHORTEST_MENDED) return place;
  return find({ ...anchor, quote: suggested });
}

function exactPassages(text: string, quote: string): readonly Passage[] {
  const found: Passage[] = [];
  for (let from = text.indexOf(quote); from >= 0; from = text.indexOf(quote, from + 1))
    found.push({ from, to: from + quote.length });
  return found;
}

/** The one whose surroundings agree most; of equal ones the nearest to where it stood, then the earlier, then the shorter. */
function likeliest(passages: readonly Passage[], text: string, anchor: Anchor): Passage {
  let [best] = passages as readonly [Passage, ...Passage[]];
  if (passages.length === 1) return best;
  let agreement = agreementAt(best, text, anchor);
  for (const one of passages) {
    const agrees = agreementAt(one, text, anchor);
    if (agrees < agreement || (agrees === agreement && !isNearer(one, best, anchor.start))) continue;
    best = one;
    agreement = agrees;
  }
  return best;
}

function isNearer(one: Passage, best: Passage, start: number): boolean {
  const nearer = Math.abs(best.from - start) - Math.abs(one.from - start);
  if (nearer !== 0) return nearer > 0;
  return one.from !== best.from ? one.from < best.from : one.to < best.to;
}

/** Characters of the common ending with what stood before, and of the common beginning with what stood after. */
function agreementAt({ from, to }: Passage, text: string, { prefix, suffix }: Anchor): number {
  let before = 0;
  while (before < prefix.length && before < from && text[from - 1 - before] === prefix.at(-1 - before))
    before += 1;
  let after = 0;
  while (after < suffix.length && to + after < text.length && text[to + after] === suffix[after]) after += 1;
  return before + after;
}
