import type { Node } from 'prosemirror-model';
import { reading } from '../document/reading';
import { sectionReads, sections } from '../document/sections';
import { entryNumberReader } from './entryNumber';

/** The numbered headings of a document. */
interface Entries {
  /** Which of the headings are entries: the numbered ones at the level of the first. */
  readonly places: readonly number[];
  /** Their numbers. */
  readonly numbers: readonly number[];
  readonly numbering: Numbering;
}

/** For what was read of the headings: for as long as none of them changes, so is their numbering the same. */
const NUMBERED = new WeakMap<readonly unknown[], Entries>();

/** The entries of a growing post: the numbered headings at the level of the first numbered one. */
export function numberedEntries(body: Node, language: string): Entries {
  const read = reading(body).ofHeadings('entry numbers', language, entryNumberReader(language));
  const known = NUMBERED.get(read);
  if (known) return known;
  const places: number[] = [];
  const numbers: number[] = [];
  let level: number | null = null;
  for (const [at, section] of sectionReads(body).entries()) {
    const found = read[at];
    if (!found) continue;
    level ??= section.level;
    if (section.level !== level) continue;
    places.push(at);
    numbers.push(found.number);
  }
  const numbered = { places, numbers, numbering: numberingOf(numbers) };
  NUMBERED.set(read, numbered);
  return numbered;
}

export interface Numbering {
  /** The different numbers found in 1 … n ÷ n; ½ if only the order is mixed. */
  readonly share: number;
  readonly fault: 'gap' | 'twice' | 'order';
  /** The number that is missing or stands twice; 0 where the order is mixed. */
  readonly number: number;
}

function numberingOf(numbers: readonly number[]): Numbering {
  if (numbers.length === 0) return { share: 0, fault: 'gap', number: 1 };
  // As nearly every post has them, looked at first since it is looked at with every key.
  if (numbers[0] === 1 && goesBy(1, numbers)) return { share: 1, fault: 'order', number: 0 };
  const highest = Math.max(...numbers, numbers.length);
  const found = new Set(numbers.filter((number) => number >= 1));
  if (found.size < highest) {
    const twice = numbers.find((number, index) => numbers.indexOf(number) < index);
    const missing = Array.from({ length: highest }, (_, index) => index + 1).find((one) => !found.has(one));
    return {
      share: found.size / highest,
      fault: twice === undefined ? 'gap' : 'twice',
      number: twice ?? missing ?? 0,
    };
  }
  return { share: goesBy(1, numbers) || goesBy(-1, numbers) ? 1 : 0.5, fault: 'order', number: 0 };
}

function goesBy(step: number, numbers: readonly number[]): boolean {
  return numbers.every((number, index) => index === 0 || number === numbers[index - 1]! + step);
}

/** The entry that a writer would begin now. */
export interface NextEntry {
  readonly number: number;
  /** The level of the entries' headings; that of a new post's where there is none yet. */
  readonly level: number;
  /** Where its heading goes: a document position, or null for the end of the post. */
  readonly before: number | null;
}

/** Level of the first entry's heading. */
const FIRST_LEVEL = 2;

/** The next entry by the numbers that are there: at the end, or before the first where the newest stands first. */
export function nextEntry(body: Node, language: string): NextEntry {
  const { places, numbers } = numberedEntries(body, language);
  const first = places[0] === undefined ? undefined : sections(body)[places[0]];
  const newestFirst = numbers.length > 1 && goesBy(-1, numbers);
  return {
    number: numbers.reduce((highest, number) => Math.max(highest, number), 0) + 1,
    level: first?.level ?? FIRST_LEVEL,
    before: newestFirst ? first!.position : null,
  };
}
