import fc from 'fast-check';
import { expect, test } from 'vitest';
import { fold } from './alike';
import { foldedText } from './foldedText';

test.each([
  ['What a GRÛMPKÍN you are', 'grumpkin', 'GRÛMPKÍN'],
  ['Maßlos, so!', 'masslos', 'Maßlos'],
  ['A  wide\t space', ' wide ', '  wide\t '],
  ['hid\u00ADden', 'hidden', 'hid\u00ADden'],
  ['🍞🍞 bread', 'bread', 'bread'],
])('what is found in %s is shown as it was typed', (typed, found, shown) => {
  const { text, placeOf } = foldedText(typed);
  const at = text.indexOf(found);
  const { from, to } = placeOf(at, at + found.length);
  expect(typed.slice(from, to)).toContain(shown.trim());
});

const LETTERS = fc.constantFrom(...Array.from('aeEéÉßẞñÅςΣσάжЖ 0!@$-.\t\u00A0\u0301🍞'));

test('it is folded as everything is', () => {
  expect(foldedText('.\t\t\u0301').text).toBe(fold('.\t\t\u0301'));
  fc.assert(
    fc.property(fc.array(LETTERS), (signs) => {
      const typed = `.${signs.join('')}`;
      expect(foldedText(typed).text).toBe(fold(typed));
    }),
  );
});
