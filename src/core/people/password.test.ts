import { expect, test } from 'vitest';
import { isEmailAddress } from './emailAddress';
import { newClassCode, newPasscode } from './passcode';
import { passwordWeakness } from './password';
import { readName } from './readName';

test.each([
  ['seven lanterns', null],
  ['tr0mbone-4', null],
  ['short', 'tooShort'],
  ['🌊🌊🌊🌊🌊', 'tooShort'],
  ['aaaaaaaaaaaa', 'repeats'],
  ['Password2026', 'common'],
  ['1234567890', 'common'],
  ['marisol.tennant', 'aboutYou'],
  ['Tennant2026', 'aboutYou'],
  ['tennant sails at dawn', null],
])('%s: %s', (password, weakness) => {
  expect(passwordWeakness(password, ['Marisol', 'Tennant', 'marisol.tennant@example.org'])).toBe(weakness);
});

test.each([
  ['ines@example.org', true],
  ['ines.marlow+blog@post.example.org', true],
  ['müller@schule.example', true],
  ['ines@-example.org', false],
  ['ines@example', false],
  ['.ines@example.org', false],
  ['ines example.org', false],
  [`${'a'.repeat(65)}@example.org`, false],
  [`ines@${'a.'.repeat(130)}org`, false],
])('%s has the form of an address: %s', (address, is) => {
  expect(isEmailAddress(address)).toBe(is);
});

test('what is made by chance has its form whatever chance says', () => {
  for (const at of [0, 1]) {
    const random = (below: number) => (at === 0 ? 0 : below - 1);
    expect(newPasscode('pictures', random).split(' ')).toHaveLength(3);
    expect(newPasscode('digits', random)).toMatch(/^\d{4}$/);
    expect(newClassCode(random)).toMatch(/^[A-HJ-NP-Z]{4}[2-9]{4}$/);
  }
});

test('a name of nothing but commas is no name', () => {
  expect(readName(',,').givenName).toBe('');
});
