import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { whyHeld, type CommentToHold } from './hold';

const AT = Date.UTC(2026, 10, 2, 10);
const comment = (text: string, more: Partial<CommentToHold> = {}): CommentToHold => ({
  ...{ text, by: 'mara', at: AT, settings: { maxLinks: 0, words: [] }, earlier: [], people: [] },
  ...{ country: 'IE', language: 'en', ...more },
});
const reasons = (text: string, more: Partial<CommentToHold> = {}) =>
  whyHeld(comment(text, more)).map(({ reason }) => reason);
const listed = (text: string, ...words: readonly string[]) =>
  whyHeld(comment(text, { settings: { maxLinks: 0, words } }))
    .filter(({ reason }) => reason === 'word')
    .flatMap(({ places }) => places.map(({ from, to }) => text.slice(from, to)));

describe('a word of the list', () => {
  test.each([
    ['you g-r.u_m p k-1.n', ['grumpkin'], ['g-r.u_m p k-1.n']],
    ['x g r u u m p k i n y', ['grumpkin'], ['g r u u m p k i n']],
    ['two: moop, m o o p', ['moop'], ['moop', 'm o o p']],
    ['you gr\u00ADumpkin', ['grumpkin'], ['gr\u00ADumpkin']],
    ['You GRÛMPKÍN!', ['grumpkin'], ['GRÛMPKÍN']],
    ['please  shut\nup now', ['shut up'], ['shut\nup']],
    ['a so-and-so', ['so-and-so'], ['so-and-so']],
    ['blatherskiting on', ['blathersk*'], ['blathersk']],
    ['m o p', ['moop'], []],
    ['purple', ['urp', 'urp*'], []],
    ['nothing', ['', '*', ' ', '…'], []],
    ['[^a-z] and [a', ['[^a-z]', '('], ['[^a-z]']],
  ])('in %j of %j is %j', (text, words, found) => {
    expect(listed(text, ...words)).toEqual(found);
  });

  const word = fc.string({ unit: fc.constantFrom(...Array.from('abeiostuxz')), minLength: 3, maxLength: 8 });
  const SIGNS: Readonly<Record<string, string>> = { o: '0', i: '1', e: '3', a: '@', s: '$', t: '7' };

  test('is found whole however it is disguised, and never within another', () => {
    fc.assert(
      fc.property(
        word,
        fc.array(fc.record({ twice: fc.boolean(), sign: fc.boolean() }), { minLength: 8, maxLength: 8 }),
        fc.constantFrom('', ' ', '.', '-', '_'),
        (plain, ways, between) => {
          const disguised = Array.from(plain)
            .map((letter, at) => {
              // A sign at the end may be one of a sentence too.
              const isSign = ways[at]!.sign && at < plain.length - 1;
              const written = isSign ? (SIGNS[letter] ?? letter) : letter;
              return ways[at]!.twice ? written + written : written;
            })
            .join(between);
          expect(listed(`you ${disguised}, you`, plain)).toEqual([disguised]);
          expect(listed(`you q${disguised}, you`, plain)).toEqual([]);
          expect(listed(`you ${disguised}q, you`, plain)).toEqual([]);
          expect(listed(`you ${disguised}q, you`, `${plain}*`)).toEqual([disguised]);
        },
      ),
    );
  });
});

describe('addresses', () => {
  test.each([
    ['https://a.example,https://b.example', 2],
    ['HTTPS://WWW.a.example', 1],
    ['see www. and http:// there', 0],
    ['Awww.a.example', 0],
    ['(www.a.example)', 1],
  ])('%s are %d', (text, count) => {
    const held = (maxLinks: number) => reasons(text, { settings: { maxLinks, words: [] } }).includes('links');
    if (count > 0) expect(held(count - 1)).toBe(true);
    expect(held(count)).toBe(false);
  });
});

test('letters alone decide whether it was said before, and a comment of none was never', () => {
  const earlier = (text: string, more: object = {}) => ({
    earlier: [{ text, by: 'mara', at: AT - 1000, samePost: true, ...more }],
  });
  expect(reasons('👍', earlier('👍'))).toEqual([]);
  expect(reasons('Nice!', earlier('n i c e'))).toEqual(['repeated']);
  expect(reasons('Nice!', earlier('Nice', { at: AT }))).toEqual([]);
  expect(reasons('Nice!', earlier('Nice', { by: null }))).toEqual([]);
  expect(reasons('Nice!', { ...earlier('Nice', { by: null }), by: null })).toEqual(['outside']);
  expect(reasons('no – no – no – no – no')).toEqual(['repeated']);
});
