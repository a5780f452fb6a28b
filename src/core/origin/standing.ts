import type { Passage } from '../notes/passage';

/** What of a piece that came at once stands in a text as it came. */
export interface Standing {
  /** Words of it that stand there. */
  readonly words: number;
  /** Where, as places among the text's words: from one, up to but without another; in the order of the text. */
  readonly rows: readonly Passage[];
}

/** So many words in a row stand as they came; fewer may be chance. */
const SHORTEST_ROW = 4;
/** Of places where the same words begin, so many are tried for the longest row. */
const MOST_PLACES = 8;

/**
 * What of each piece stands in a text in rows of words as they came, wherever it was moved to. Each word of the text belongs to one
 * piece at most, the one that came first. From the first word of a piece on, the longest row that begins there is taken, then what
 * comes after it: a greedy tiling (after M. J. Wise, String similarity via greedy string tiling, 1993, of the two texts read from left to
 * right).
 * @param words of the text, each by what stands for it: the same for the same words
 * @param pieces their words in the same form, the one that came first first
 */
export function standingPieces<Word>(
  words: readonly Word[],
  pieces: readonly (readonly Word[])[],
): readonly Standing[] {
  const places = new Map<string, number[]>();
  for (let at = 0; at + SHORTEST_ROW <= words.length; at += 1) {
    const key = keyAt(words, at);
    const known = places.get(key);
    if (known) known.push(at);
    else places.set(key, [at]);
  }
  const taken = new Uint8Array(words.length);
  return pieces.map((piece) => {
    const rows: Passage[] = [];
    let count = 0;
    for (let at = 0; at + SHORTEST_ROW <= piece.length;) {
      const row = longestRow(words, piece, { at, places: places.get(keyAt(piece, at)) ?? [], taken });
      if (!row) {
        at += 1;
        continue;
      }
      taken.fill(1, row.from, row.to);
      rows.push(row);
      count += row.to - row.from;
      at += row.to - row.from;
    }
    return { words: count, rows: joined(rows) };
  });
}

function keyAt(words: readonly unknown[], at: number): string {
  return words.slice(at, at + SHORTEST_ROW).join(' ');
}

interface Begun {
  /** Where the row begins in the piece. */
  readonly at: number;
  /** Where its first words stand in the text. */
  readonly places: readonly number[];
  /** By a word of the text: whether it belongs to a piece already. */
  readonly taken: Uint8Array;
}

function longestRow<Word>(
  words: readonly Word[],
  piece: readonly Word[],
  { at, places, taken }: Begun,
): Passage | null {
  let longest: Passage | null = null;
  let tried = 0;
  for (const from of places) {
    if (taken[from]) continue;
    let to = from;
    while (to < words.length && !taken[to] && piece[at + to - from] === words[to]) to += 1;
    if (to - from >= SHORTEST_ROW && to - from > (longest ? longest.to - longest.from : 0))
      longest = { from, to };
    tried += 1;
    if (tried === MOST_PLACES) break;
  }
  return longest;
}

/** Rows in the order of the text, those that meet as one. */
function joined(rows: readonly Passage[]): readonly Passage[] {
  const all: { from: number; to: number }[] = [];
  for (const { from, to } of rows.toSorted((one, another) => one.from - another.from)) {
    const last = all.at(-1);
    if (last?.to === from) last.to = to;
    else all.push({ from, to });
  }
  return all;
}
