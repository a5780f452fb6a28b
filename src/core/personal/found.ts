import { isAscii } from '../text/ascii';
import { rememberByText } from '../text/remember';

/** Kinds of personal details. */
export type DetailKind =
  | 'email'
  | 'telephone'
  | 'address'
  | 'account'
  | 'identity'
  | 'handle'
  | 'birthDate'
  | 'fullName'
  | 'coordinates'
  | 'secret';

/** A place of a text, in UTF-16 units. */
export interface Place {
  readonly from: number;
  readonly to: number;
}

export interface PersonalDetail extends Place {
  readonly kind: DetailKind;
  readonly text: string;
}

/** Somebody on the roster, as far as names go. */
export interface KnownPerson {
  readonly givenName: string;
  readonly familyName: string;
}

/** A text with all that is needed to look through it. */
export interface Looked {
  readonly text: string;
  /** The same with small letters and without accents, unit for unit. */
  readonly folded: string;
  readonly people: readonly KnownPerson[];
  /** ISO 3166-1 alpha-2, such as `IE`. */
  readonly country: string;
  /** BCP 47. */
  readonly language: string;
  /** What is code and no prose. */
  readonly code: readonly Place[];
}

function overlaps(one: Place, other: Place): boolean {
  return one.from < other.to && other.from < one.to;
}

export function isWithin(place: Place, others: readonly Place[]): boolean {
  return others.some((other) => overlaps(place, other));
}

/** Where a pattern stands; a group called `detail` is the place, where the pattern has one. */
export function placesOf(text: string, pattern: RegExp): readonly Place[] {
  return [...text.matchAll(pattern)].map((match) => {
    const [whole] = match;
    const detail = match.groups?.['detail'] ?? whole;
    const from = match.index + (detail === whole ? 0 : whole.lastIndexOf(detail));
    return { from, to: from + detail.length };
  });
}

/** Small letters without accents; the same length, so that places stay what they are. */
export function foldUnits(text: string): string {
  if (isAscii(text)) return text.toLowerCase();
  let folded = '';
  for (const unit of text) {
    const small = unit.normalize('NFD').charAt(0).toLowerCase();
    folded += small.length === unit.length ? small : unit;
  }
  return folded;
}

/** What stands between spaces and hyphens of a name, as in a folded text. Every text of a class is looked through for the same names. */
export const partsOfName = rememberByText((name): readonly string[] =>
  foldUnits(name.trim()).split(/[\s-]+/),
);

/** The part of a text before a place in the same sentence, no longer than asked for. */
export function before(text: string, at: number, most: number): string {
  const part = text.slice(Math.max(0, at - most), at);
  return part.slice(part.search(/[^.!?\n]*$/));
}
