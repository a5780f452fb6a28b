import { syllable } from 'syllable';
import type { TextRead } from '../../document/blockRead';
import { totalOfCountedTexts } from '../../document/countedBlocks';
import { reading } from '../../document/reading';
import { rememberByText } from '../../text/remember';
import { countWords } from '../../words/countWords';
import { NOT_KNOWN, withinLimits } from '../condition';
import type { Measurement, RequirementKind } from '../kind';
import type { Target, UnknownReason } from '../answer';
import type { PostToCheck } from '../post';

interface ReadingLevelSettings {
  /** Years of age. */
  readonly from?: number;
  readonly to?: number;
}

/** Fewer words than this say nothing about how hard a text is. */
export const LEAST_WORDS = 100;
/** A school grade of the formula's own is for children so many years older. */
const YEARS_BEFORE_SCHOOL = 5;
const age = { type: 'number', minimum: 3, maximum: 25 } as const;

/**
 * How old a reader has to be: Flesch–Kincaid grade level (Kincaid, Fishburne, Rogers, Chissom 1975) + 5, for English.
 */
export const readingLevel: RequirementKind<ReadingLevelSettings> = {
  kind: 'readingLevel',
  settings: { from: age, to: age },
  measure({ from, to }, post, assignment) {
    const target = { ...(from === undefined ? {} : { min: from }), ...(to === undefined ? {} : { max: to }) };
    if (!/^en\b/i.test(assignment.language)) return notKnown('language', target);
    const measured = maybeReadingAge(post, assignment.outline);
    if (measured === null) return notKnown('length', target);
    const condition = withinLimits(target, measured);
    const key = condition.over ? 'over' : condition.share < 1 ? 'below' : 'within';
    return {
      measured,
      target,
      conditions: from === undefined && to === undefined ? [] : [condition],
      places: [],
      message: { key, values: { measured: Math.round(measured), min: from ?? 0, max: to ?? 0 } },
    };
  },
};

function notKnown(unknown: UnknownReason, target: Target): Measurement {
  return {
    measured: null,
    target,
    conditions: [NOT_KNOWN],
    places: [],
    message: { key: unknown, values: { least: LEAST_WORDS } },
    unknown,
  };
}

/** Years of age that a post's text is for, or null for one that is too short to say. */
export function maybeReadingAge(post: PostToCheck, outline: readonly string[]): number | null {
  const column = { name: 'readingLevel', options: { outline }, find: measuresOf };
  const sum = (of: 'words' | 'sentences' | 'syllables') =>
    totalOfCountedTexts(reading(post.body), column, of, (measures) => measures[of]);
  const [words, sentences, syllables] = [sum('words'), sum('sentences'), sum('syllables')];
  if (words < LEAST_WORDS) return null;
  return 0.39 * (words / sentences) + 11.8 * (syllables / words) - 15.59 + YEARS_BEFORE_SCHOOL;
}

/** Sentences with a word in them. @param words of the whole text */
function sentencesIn(text: string, words: number): number {
  if (words === 0) return 0;
  // Most texts while they are written: one sentence, with its end or without.
  if (!/[.!?\u2026](?!\s*$)/u.test(text)) return 1;
  return text.split(/[.!?\u2026]+/u).filter((sentence) => countWords(sentence) > 0).length;
}

/** Children use the same words again and again. */
const syllablesOf = rememberByText((piece) => (/\p{L}/u.test(piece) ? syllable(piece) : 0));

/** What the formula needs of some texts; a sentence ends at its punctuation or with the text. */
function measuresOf(texts: readonly TextRead[]) {
  let [words, sentences, syllables] = [0, 0, 0];
  for (const { text, words: counted } of texts) {
    words += counted;
    sentences += sentencesIn(text, counted);
    for (const piece of text.split(/\s+/u)) syllables += syllablesOf(piece);
  }
  return { words, sentences, syllables };
}
