import { describe, expect, test } from 'vitest';
import {
  consentOn,
  FREE_OUTSIDE,
  namingWith,
  outside,
  widestWith,
  withPictured,
  type Consent,
  type ConsentPurpose,
  type Outside,
} from './consent';

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
  const { appears: found } = outside([consent(purposes)], '2026-11-01', { penName });
  expect([found, widestWith(found), namingWith(found, 'firstName')]).toEqual([appears, audience, rule]);
});

describe('what lacks', () => {
  const over = consent(['firstName'], { until: '2026-10-01' });
  const takenBack = consent(['penName'], { withdrawn: true, givenOn: '2026-10-05' });
  test.each([
    ['no consent at all', [], 'notGiven'],
    ['one for pictures alone', [consent(['pictures'])], 'notGiven'],
    ['one that is over', [over], 'ranOut'],
    ['one that was taken back', [takenBack], 'takenBack'],
    ['one over, a later one taken back', [over, takenBack], 'takenBack'],
    ['one taken back, a later one over', [{ ...over, givenOn: '2026-10-06' }, takenBack], 'ranOut'],
    ['one that is yet to begin', [over, consent(['firstName'], { givenOn: '2026-12-01' })], 'notYet'],
    ['one for a pen name that is not there', [consent(['penName'])], 'noPenName'],
    ['nothing', [consent(['firstName'])], null],
  ] as const)('%s', (_, consents, lacks) => {
    expect(outside(consents, '2026-11-01', { penName: null }).lacks).toBe(lacks);
  });
});

describe('people in the pictures of a post', () => {
  const agreed = (personId: string) => personId === 'bea';

  test('whoever has not agreed to be in pictures keeps it within the class, by name', () => {
    expect(withPictured(FREE_OUTSIDE, ['bea', 'hanno', null], agreed)).toEqual({
      appears: 'no',
      lacks: 'inPicture',
      inPictures: ['hanno', null],
    });
  });

  test('where all have agreed, or nobody is in them, it goes as far as its writer may', () => {
    const penName: Outside = { appears: 'penName', lacks: null };
    expect(withPictured(penName, ['bea'], agreed)).toBe(penName);
    expect(withPictured(penName, [], agreed)).toBe(penName);
  });

  test('what its writer lacks is said before them', () => {
    const over: Outside = { appears: 'no', lacks: 'ranOut' };
    expect(withPictured(over, ['hanno'], agreed)).toBe(over);
  });
});
