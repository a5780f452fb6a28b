import { describe, expect, test } from 'vitest';
import { appearance, consentOn, namingWith, widestWith, type Consent, type ConsentPurpose } from './consent';

const consent = (purposes: readonly ConsentPurpose[], more: Partial<Consent> = {}): Consent => ({
  purposes,
  givenOn: '2026-09-10',
  until: '2027-07-31',
  withdrawn: false,
  ...more,
});

describe('consent', () => {
  test.each([
    ['before it was given', '2026-09-09', []],
    ['from the day on', '2026-09-10', ['firstName']],
    ['to its last day', '2027-07-31', ['firstName']],
    ['and no longer', '2027-08-01', []],
  ])('holds %s', (_, day, purposes) => {
    expect([...consentOn([consent(['firstName'])], day)]).toEqual(purposes);
  });

  test('that was withdrawn is none, and takes nothing from another', () => {
    const withdrawn = consent(['firstName', 'pictures'], { withdrawn: true });
    expect([...consentOn([withdrawn, consent(['penName'], { until: null })], '2030-01-01')]).toEqual([
      'penName',
    ]);
  });
});

test.each([
  [[], 'Tern', 'no', 'ourClass', 'firstName'],
  [['pictures', 'voice'], 'Tern', 'no', 'ourClass', 'firstName'],
  [['penName'], 'Tern', 'penName', 'everyone', 'penName'],
  [['penName'], null, 'no', 'ourClass', 'firstName'],
  [['firstName'], null, 'byRule', 'everyone', 'firstName'],
  [['penName', 'firstName'], 'Tern', 'byRule', 'everyone', 'firstName'],
] as const)('with consent for %j and the pen name %s', (purposes, penName, appears, audience, rule) => {
  const found = appearance(new Set<ConsentPurpose>(purposes), { penName });
  expect([found, widestWith(found), namingWith(found, 'firstName')]).toEqual([appears, audience, rule]);
});
