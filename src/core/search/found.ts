import { isAsked, type Asked } from './asked';
import type { WordsFound } from './indexed';
import { placedWords, searchForms } from './words';

/** Where words that were looked for stand in a text, in UTF-16 units; those with nothing but a space between them as one. */
export interface Found {
  readonly from: number;
  readonly to: number;
  /** Which of the asked words stand there. */
  readonly asked: readonly number[];
}

/** A piece of a text, and whether it was looked for. */
export interface Piece {
  readonly text: string;
  readonly found: boolean;
}

/** Some words around what was found. */
export interface Passage {
  readonly pieces: readonly Piece[];
  /** Whether the text goes on before and after it. */
  readonly before: boolean;
  readonly after: boolean;
}

/** So long a passage is, about, and so much of it stands before what was found. */
const LONG = 170;
const LEAD = 50;
/** A word that is longer is cut off. */
const LONGEST = 400;
/** What may stand between two found words that are shown as one. */
const BETWEEN = /^[ \u00A0-]?$/;

/** Every place in a text where a word stands that is looked for. @param parts of its compounds */
export function foundIn(text: string, { words }: Asked, parts: WordsFound['parts']): readonly Found[] {
  const all: Found[] = [];
  for (const { typed, from, to } of placedWords(text)) {
    const forms = searchForms(typed);
    const mine = parts[forms[0] ?? ''] ?? [];
    const asked = words.flatMap((word, index) => (isAsked(word, forms, mine) ? [index] : []));
    if (asked.length === 0) continue;
    const last = all.at(-1);
    if (last && to - last.from <= LONG && BETWEEN.test(text.slice(last.to, from)))
      all[all.length - 1] = { from: last.from, to, asked: [...new Set([...last.asked, ...asked])] };
    else all.push({ from, to, asked });
  }
  return all;
}

/** The words of a text that were found for others: longer ones, other forms, compounds. */
export function wordsNear(text: string, { words }: Asked, parts: WordsFound['parts']): readonly string[] {
  const asked = new Set(words.flatMap(({ typed }) => searchForms(typed)));
  return placedWords(text).flatMap(({ typed }) => {
    const forms = searchForms(typed);
    if (forms.some((form) => asked.has(form))) return [];
    return words.some((word) => isAsked(word, forms, parts[forms[0] ?? ''] ?? [])) ? [typed] : [];
  });
}

/** A text in pieces, so that what was found can be marked. */
export function marked(text: string, found: readonly Found[], from = 0, to = text.length): readonly Piece[] {
  const pieces: Piece[] = [];
  let at = from;
  for (const one of found) {
    if (one.from < from || one.from >= to) continue;
    const end = Math.min(one.to, to);
    pieces.push({ text: text.slice(at, one.from), found: false });
    pieces.push({ text: text.slice(one.from, end), found: true });
    at = end;
  }
  pieces.push({ text: text.slice(at, to), found: false });
  return pieces.filter((piece) => piece.text !== '');
}

/** The words around the place that has the most of what is looked for, the first of several; null where nothing was found. */
export function passageAround(text: string, found: readonly Found[]): Passage | null {
  let best: { readonly first: Found; readonly worth: number } | null = null;
  for (const [index, first] of found.entries()) {
    const end = endOf(text, first);
    const asked = new Set<number>();
    let count = 0;
    for (let next = index; next < found.length && found[next]!.to <= end; next += 1) {
      for (const one of found[next]!.asked) asked.add(one);
      count += 1;
    }
    const worth = asked.size * 1000 + count;
    if (!best || worth > best.worth) best = { first, worth };
  }
  if (!best) return null;
  const { first } = best;
  const line = text.lastIndexOf('\n', first.from - 1) + 1;
  const from = beginOf(text, first, line);
  const to = Math.min(endOf(text, first), from + LONGEST);
  const lineEnd = lineEndOf(text, first.to);
  return {
    pieces: marked(text, found, from, to),
    before: from > line,
    after: to < lineEnd,
  };
}

/** Where a passage begins: with a word, not too long before what was found. */
function beginOf(text: string, { from }: Found, line: number): number {
  if (from - line <= LEAD) return line;
  const space = text.indexOf(' ', from - LEAD);
  return space === -1 || space >= from ? from : space + 1;
}

/** Where it ends: after a word, or with the line. */
function endOf(text: string, { from, to }: Found): number {
  const lineEnd = lineEndOf(text, to);
  const most = Math.max(to, from + LONG - LEAD);
  if (lineEnd <= most) return lineEnd;
  const space = text.lastIndexOf(' ', most);
  return space <= to ? to : space;
}

function lineEndOf(text: string, at: number): number {
  const end = text.indexOf('\n', at);
  return end === -1 ? text.length : end;
}
