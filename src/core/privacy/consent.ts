import type { Audience } from '../access/audience';
import type { NamingRule } from '../people/names';

/** What a consent can be for: appearing publicly with pen name or first name, being in pictures, voice and video. */
export const CONSENT_PURPOSES = ['penName', 'firstName', 'pictures', 'voice'] as const;
export type ConsentPurpose = (typeof CONSENT_PURPOSES)[number];

export const CONSENT_RELATIONS = ['mother', 'father', 'guardian', 'self'] as const;
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

export function appearance(
  purposes: ReadonlySet<ConsentPurpose>,
  { penName }: { readonly penName: string | null },
): Appearance {
  if (purposes.has('firstName')) return 'byRule';
  return purposes.has('penName') && penName !== null ? 'penName' : 'no';
}

/** The widest audience of what somebody writes, as far as consent decides it. */
export function widestWith(appears: Appearance): Audience {
  return appears === 'no' ? 'ourClass' : 'everyone';
}

/** The naming rule for a writer: consent for the pen name alone goes before the class's own. */
export function namingWith(appears: Appearance, rule: NamingRule): NamingRule {
  return appears === 'penName' ? 'penName' : rule;
}
