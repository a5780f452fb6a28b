import fc from 'fast-check';
import { expect, test } from 'vitest';
import { comparablePassphrase, passphraseWeakness, proposePassphrase } from './passphrase';

const KNOWN = ['Wind & Weather', '8B', 'wind', 'Alder Quay School'];

test.each([
  ['seven lanterns on the quay', null],
  ['Kettle-otter-walnut', null],
  ['kettle otter', 'tooFewWords'],
  ['kettle', 'tooShort'],
  ['', 'tooShort'],
  ['incomprehensibilities', null],
  ['aaaaaaaaaaaaaaaa', 'repeats'],
  ['otter otter otter otter', 'repeats'],
  ['otter kettle otter kettle', 'repeats'],
  ['password password one', 'common'],
  ['Let me in please now', 'common'],
  ['1234 5678 9012', 'common'],
  ['wind weather alder quay', 'aboutTheClass'],
  ['wind weather school 8b', 'aboutTheClass'],
])('%j: %s', (phrase, weakness) => {
  expect(passphraseWeakness(phrase, KNOWN)).toBe(weakness);
});

test('is compared without case, accents and what stands between words', () => {
  expect(comparablePassphrase(' Kettle-ÓTTER,  walnut ')).toBe('kettle otter walnut');
});

test('what is proposed is never weak', () => {
  fc.assert(
    fc.property(fc.infiniteStream(fc.nat()), (numbers) => {
      const proposed = proposePassphrase((below) => (numbers.next().value as number) % below);
      expect([proposed, passphraseWeakness(proposed, KNOWN)]).toEqual([proposed, null]);
    }),
  );
});
