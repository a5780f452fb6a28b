import type { Audience } from '../access/audience';
import type { NamingRule } from '../people/names';

/** What a consent can be for: appearing publicly with pen name or first name, being in pictures, voice and video. */
export const CONSENT_PURPOSES = ['penName', 'firstName', 'pictures', 'voice'] as const;
export type ConsentPurpose = (typeof CONSENT_PURPOSES)[number];

export const CONSENT_RELATIONS = ['mother', 'father', 'guardian', 'grandparent', 'other', 'self'] as const;
export type ConsentRelation = (typeof CONSENT_RELATIONS)[number];

/** As far as it decides anything. Days are local dates of the class, `2026-07-31`. */
export interface Consent {
  readonly purposes: readonly ConsentPurpose[];
  readonly givenOn: string;
  /** The last day on which it holds; null for one without an end. */
  readonly until: string | null;
  readonly withdrawn: boolean;
}

/** What consent holds for on a day. A consent that was withdrawn takes nothing from another one. */
export function consentOn(consents: readonly Consent[], day: string): ReadonlySet<ConsentPurpose> {
  const holding = consents.filter(
    ({ withdrawn, givenOn, until }) => !withdrawn && givenOn <= day && (until === null || day <= until),
  );
  return new Set(holding.flatMap(({ purposes }) => purposes));
}

/** How a writer may appear outside the class: the class's own rule, the pen name alone, or not at all. */
export type Appearance = 'byRule' | 'penName' | 'no';

/** What is missing where a writer may not appear outside the class. */
export type Lack = 'notGiven' | 'notYet' | 'ranOut' | 'takenBack' | 'noPenName' | 'inPicture';

/** Whether others than students of the class are in a picture, and have agreed to be shown. */
export const OTHERS_IN_PICTURE = ['none', 'there', 'agreed'] as const;
export type OthersInPicture = (typeof OTHERS_IN_PICTURE)[number];

/** Somebody in a picture: a person of the class by id, or null for whoever is not of it. */
export type Pictured = string | null;

/**
 * How a writer, with what they wrote, stands towards readers outside the class; something lacks exactly where they may not appear.
 * `inPictures`: whose consent to be in pictures is missing, where that is what lacks.
 */
export type Outside =
  | { readonly appears: Exclude<Appearance, 'no'>; readonly lacks: null }
  | { readonly appears: 'no'; readonly lacks: Lack; readonly inPictures?: readonly Pictured[] };

/** Where no consent is asked for. */
export const FREE_OUTSIDE: Outside = { appears: 'byRule', lacks: null };

/** How somebody may appear outside the class on a day, and what lacks where they may not. */
export function outside(
  consents: readonly Consent[],
  day: string,
  { penName }: { readonly penName: string | null },
): Outside {
  const purposes = consentOn(consents, day);
  if (purposes.has('firstName')) return FREE_OUTSIDE;
  if (purposes.has('penName'))
    return penName === null ? { appears: 'no', lacks: 'noPenName' } : { appears: 'penName', lacks: null };
  return { appears: 'no', lacks: lackOn(consents, day) };
}

/** Why no consent to appear holds on a day: the one that was given last decides. */
function lackOn(consents: readonly Consent[], day: string): Lack {
  const [last] = consents
    .filter(({ purposes }) => purposes.includes('firstName') || purposes.includes('penName'))
    .toSorted((one, another) => another.givenOn.localeCompare(one.givenOn));
  if (!last) return 'notGiven';
  if (last.withdrawn) return 'takenBack';
  return last.givenOn > day ? 'notYet' : 'ranOut';
}

/** Whose consent to be in pictures is missing; nobody where something else lacks, or nothing. */
export function missingInPictures(outside: Outside): readonly Pictured[] {
  return (outside.lacks && outside.inPictures) || [];
}

/**
 * How a post stands whose pictures show people: whoever of them has not agreed to be in pictures keeps it within the class.
 * @param pictured who is in its pictures, as far as somebody has said, but others who have agreed
 * @param agreed whether a person's consent to be in pictures holds
 */
export function withPictured(
  writer: Outside,
  pictured: readonly Pictured[],
  agreed: (personId: string) => boolean,
): Outside {
  if (writer.lacks) return writer;
  const missing = pictured.filter((one) => one === null || !agreed(one));
  return missing.length === 0 ? writer : { appears: 'no', lacks: 'inPicture', inPictures: missing };
}

/** The widest audience of what somebody writes, as far as consent decides it. */
export function widestWith(appears: Appearance): Audience {
  return appears === 'no' ? 'ourClass' : 'everyone';
}

/** The naming rule for a writer: consent for the pen name alone goes before the class's own. */
export function namingWith(appears: Appearance, rule: NamingRule): NamingRule {
  return appears === 'penName' ? 'penName' : rule;
}
