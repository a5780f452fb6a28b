import type { Passage } from './passage';

/** Bits of a block of the quote. */
const BITS = 32;

interface Bounds {
  /** 1 for each place at which a passage may begin or end. */
  readonly places: Uint8Array;
  /** The most edits that are allowed. */
  readonly most: number;
}

/** Shorter pieces of a quote stand everywhere, and lead nowhere. */
const SHORTEST_PIECE = 7;

/**
 * The passages of a text that come from a quote by the fewest edits (one unit put in, taken out or exchanged), all of those that
 * need as few; none where each needs more than are allowed.
 *
 * Of a quote cut into one piece more than there are edits, one piece stands as it was: few edits are looked for around such pieces
 * first, and the whole text is walked only where nothing was found so.
 */
export function fewestEdits(text: string, quote: string, { places, most }: Bounds): readonly Passage[] {
  for (let few = 1; few < most && quote.length >= (few + 1) * SHORTEST_PIECE; few *= 2) {
    const stretches = aroundPieces(text, quote, few);
    const found = fewestWithin(text, quote, { places, most: few, stretches });
    if (found.length > 0) return found;
  }
  return fewestWithin(text, quote, { places, most, stretches: [{ from: 0, to: text.length }] });
}

/** The stretches of a text in which a passage of so few edits would lie, none of them twice. */
function aroundPieces(text: string, quote: string, few: number): readonly Passage[] {
  const length = Math.floor(quote.length / (few + 1));
  const around: Passage[] = [];
  for (let piece = 0; piece <= few; piece += 1) {
    const offset = piece * length;
    const words = quote.slice(offset, offset + length);
    for (let at = text.indexOf(words); at >= 0; at = text.indexOf(words, at + 1))
      around.push({
        from: Math.max(0, at - offset - few),
        to: Math.min(text.length, at - offset + quote.length + few),
      });
  }
  const joined: Passage[] = [];
  for (const one of around.toSorted((first, second) => first.from - second.from)) {
    const last = joined.at(-1);
    if (last && one.from <= last.to)
      joined[joined.length - 1] = { from: last.from, to: Math.max(last.to, one.to) };
    else joined.push(one);
  }
  return joined;
}

interface Within extends Bounds {
  /** Where to look. */
  readonly stretches: readonly Passage[];
}

function fewestWithin(text: string, quote: string, { stretches, places, most }: Within): readonly Passage[] {
  const masks = masksOf(quote);
  const ends = stretches.flatMap((stretch) =>
    endsWithin(text, quote.length, { masks, stretch, places, most }),
  );
  let fewest = most;
  let found: Passage[] = [];
  for (const { at, edits } of ends.toSorted((one, another) => one.edits - another.edits)) {
    if (edits > fewest) break;
    for (const { from, edits: needed } of beginningsOf(text, quote, { at, places, most: fewest })) {
      if (needed > fewest) continue;
      if (needed < fewest) found = [];
      fewest = needed;
      found.push({ from, to: at });
    }
  }
  return found;
}

interface End {
  readonly at: number;
  /** No passage that ends here needs fewer. */
  readonly edits: number;
}

interface Walk extends Bounds {
  readonly masks: ReadonlyMap<number, Int32Array>;
  readonly stretch: Passage;
}

/**
 * The places at which a passage may end that needs no more edits than are allowed, wherever it begins: by the bit-parallel distance
 * of G. Myers (J. ACM 46, 1999), in blocks as by H. Hyyrö (2003).
 */
function endsWithin(text: string, length: number, { masks, stretch, places, most }: Walk): readonly End[] {
  const blocks = Math.ceil(length / BITS);
  const nowhere = new Int32Array(blocks);
  const plus = new Int32Array(blocks).fill(-1);
  const minus = new Int32Array(blocks);
  const lastBit = (length - 1) % BITS;
  const ends: End[] = [];
  let edits = length;
  for (let at = stretch.from; at < stretch.to; at += 1) {
    const equal = masks.get(text.charCodeAt(at)) ?? nowhere;
    let carry = 0;
    for (let block = 0; block < blocks; block += 1) {
      const up = plus[block]!;
      const down = minus[block]!;
      let same = equal[block]!;
      const vertical = same | down;
      if (carry < 0) same |= 1;
      const horizontal = (((same & up) + up) ^ up) | same;
      let rises = down | ~(horizontal | up);
      let falls = up & horizontal;
      const high = block === blocks - 1 ? lastBit : BITS - 1;
      const out = ((rises >>> high) & 1) - ((falls >>> high) & 1);
      rises <<= 1;
      falls <<= 1;
      if (carry < 0) falls |= 1;
      else if (carry > 0) rises |= 1;
      plus[block] = falls | ~(vertical | rises);
      minus[block] = rises & vertical;
      carry = out;
    }
    edits += carry;
    if (edits <= most && places[at + 1] === 1) ends.push({ at: at + 1, edits });
  }
  return ends;
}

/** Where each character stands in a quote, a bit for each place. */
function masksOf(quote: string): ReadonlyMap<number, Int32Array> {
  const blocks = Math.ceil(quote.length / BITS);
  const masks = new Map<number, Int32Array>();
  for (let index = 0; index < quote.length; index += 1) {
    const unit = quote.charCodeAt(index);
    const mask = masks.get(unit) ?? new Int32Array(blocks);
    mask[Math.floor(index / BITS)]! |= 1 << (index % BITS);
    masks.set(unit, mask);
  }
  return masks;
}

interface Ending extends Bounds {
  /** Where the passage ends. */
  readonly at: number;
}

interface Beginning {
  readonly from: number;
  readonly edits: number;
}

/** The passages that end at a place and need no more edits than are allowed, by where they begin. */
function beginningsOf(text: string, quote: string, { at, places, most }: Ending): readonly Beginning[] {
  const { length } = quote;
  const longest = Math.min(at, length + most);
  // Backwards from the end: row by row the text, the quote along it; beyond the band nothing can be as few.
  const edits = Uint32Array.from({ length: length + 1 }, (_, index) => index);
  const found: Beginning[] = [];
  for (let taken = 1; taken <= longest; taken += 1) {
    const unit = text.charCodeAt(at - taken);
    const first = Math.max(1, taken - most);
    const last = Math.min(length, taken + most);
    let diagonal = edits[first - 1]!;
    edits[first - 1] = first === 1 ? taken : most + 1;
    for (let index = first; index <= last; index += 1) {
      const above = index === taken + most ? most + 1 : edits[index]!;
      const same = quote.charCodeAt(length - index) === unit ? 0 : 1;
      edits[index] = Math.min(diagonal + same, above + 1, edits[index - 1]! + 1);
      diagonal = above;
    }
    const needed = last === length ? edits[length]! : most + 1;
    if (needed <= most && places[at - taken] === 1) found.push({ from: at - taken, edits: needed });
  }
  return found;
}
