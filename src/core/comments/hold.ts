import { findPersonal } from '../personal/findPersonal';
import { placesOf, type KnownPerson, type Place } from '../personal/found';
import { alikeWithoutPunctuation, fold } from '../text/alike';
import { foldedText } from '../text/foldedText';
import { wordsOf } from '../words/countWords';
import { listedWordPattern } from './listedWord';

/** Why a comment waits until somebody has read it, in the order in which that is said. */
export const HOLD_REASONS = ['outside', 'links', 'repeated', 'shouting', 'word', 'personal', 'fast'] as const;
export type HoldReason = (typeof HOLD_REASONS)[number];

/** What a class lets through unread. */
export interface HoldSettings {
  /** So many addresses may stand in a comment. */
  readonly maxLinks: number;
  /** Words that hold a comment back; ending in `*` as the beginning of longer ones too. */
  readonly words: readonly string[];
}

export interface EarlierComment {
  readonly text: string;
  /** As in a comment to hold. */
  readonly by: string | null;
  /** Milliseconds since 1970. */
  readonly at: number;
  readonly samePost: boolean;
}

export interface CommentToHold {
  readonly text: string;
  /** Who wrote it; null for everybody but the students and teachers of the class. */
  readonly by: string | null;
  /** Milliseconds since 1970. */
  readonly at: number;
  readonly settings: HoldSettings;
  readonly earlier: readonly EarlierComment[];
  /** Everybody on the roster. */
  readonly people: readonly KnownPerson[];
  /** ISO 3166-1 alpha-2, such as `IE`. */
  readonly country: string;
  /** BCP 47. */
  readonly language: string;
}

/** A reason with where in the text it is, in UTF-16 units; nowhere where it is of the whole. */
export interface Held {
  readonly reason: HoldReason;
  readonly places: readonly Place[];
}

/** Letters and digits that another's comment has at least where it is said again. */
const LONG_ENOUGH = 20;
/** One word so often in a row. */
const OFTEN = 5;
const LEAST_LETTERS = 12;
/** Capitals in ten letters. */
const SHOUTED = 7;
/** Comments of one person in a minute, before this one. */
const MANY = 2;
const MINUTE = 60_000;
/** So far back, in milliseconds, what the same person said elsewhere is looked at. */
export const LOOKS_BACK = 24 * 60 * MINUTE;

/** Why a comment is held until somebody has read it, in the order in which that is said; for nothing where it may be shown at once. */
export function whyHeld(comment: CommentToHold): readonly Held[] {
  const { text, by, settings, people, country, language } = comment;
  const links = placesOf(text, LINK);
  const words = listedWords(text, settings.words);
  const personal = findPersonal(text, { people, country, language }).filter(
    ({ kind }) => kind !== 'birthDate',
  );
  const reasons: readonly (readonly [HoldReason, boolean, readonly Place[]])[] = [
    ['outside', by === null, []],
    ['links', links.length > settings.maxLinks, links],
    ['repeated', isSaidAgain(comment) || repeatsAWord(text), []],
    ['shouting', isShouted(text), []],
    ['word', words.length > 0, words],
    ['personal', personal.length > 0, personal.map(({ from, to }) => ({ from, to }))],
    ['fast', isFast(comment), []],
  ];
  return reasons.flatMap(([reason, holds, places]) => (holds ? [{ reason, places }] : []));
}

/** Each beginning counts: addresses that are typed without a space between them are as many. */
const LINK =
  /(?:https?:\/\/(?:www\.)?|(?<![\p{L}\p{N}])www\.)(?=\S)(?:(?!https?:\/\/|(?<![\p{L}\p{N}])www\.)\S)*/giu;

function isSaidAgain({ text, by, at, earlier }: CommentToHold): boolean {
  const letters = lettersOf(text);
  if (letters === '') return false;
  const isLong = Array.from(letters).length >= LONG_ENOUGH;
  return earlier.some(
    (one) =>
      one.at < at &&
      ((isSame(by, one) && at - one.at <= LOOKS_BACK) || (isLong && one.samePost)) &&
      lettersOf(one.text) === letters,
  );
}

/** Two from outside are never the same person. */
function isSame(by: string | null, other: EarlierComment): boolean {
  return by !== null && other.by === by;
}

function lettersOf(text: string): string {
  return fold(text).replaceAll(/[^\p{L}\p{N}]/gu, '');
}

function repeatsAWord(text: string): boolean {
  let last = '';
  let row = 0;
  for (const word of wordsOf(text)) {
    const folded = alikeWithoutPunctuation(word);
    row = folded === last ? row + 1 : 1;
    last = folded;
    if (row >= OFTEN) return true;
  }
  return false;
}

/** Letters that have no two cases say nothing of how loud it is. */
function isShouted(text: string): boolean {
  let letters = 0;
  let capitals = 0;
  for (const letter of text.match(/\p{L}/gu) ?? []) {
    const small = letter.toLowerCase();
    if (small === letter.toUpperCase()) continue;
    letters += 1;
    if (letter !== small) capitals += 1;
  }
  return letters >= LEAST_LETTERS && capitals * 10 >= letters * SHOUTED;
}

function listedWords(text: string, listed: readonly string[]): readonly Place[] {
  const { text: folded, placeOf } = foldedText(text);
  return listed
    .flatMap((one) => listedWordPattern(foldedText(one.trim()).text) ?? [])
    .flatMap((pattern) => placesOf(folded, pattern))
    .map(({ from, to }) => placeOf(from, to))
    .toSorted((one, other) => one.from - other.from);
}

function isFast({ by, at, earlier }: CommentToHold): boolean {
  const before = earlier.filter((one) => isSame(by, one) && one.at < at && at - one.at <= MINUTE);
  return before.length >= MANY;
}
