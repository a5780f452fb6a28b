import fc from 'fast-check';
import { expect, test } from 'vitest';
import { askedWords, MOST_WORDS, type Asked } from './asked';
import { compoundParts } from './compounds';
import { foundIn, marked, passageAround } from './found';
import { expressionOf, termsOf, wordsOfText } from './indexed';

const letters = fc.constantFrom(...Array.from('aeiorstndlwüßéøłжя風ก0'));
const word = fc.array(letters, { minLength: 1, maxLength: 9 }).map((all) => all.join(''));
const text = fc
  .array(fc.tuple(word, fc.constantFrom(' ', '\n', '-', ', ', '’', '“')), { maxLength: 40 })
  .map((all) => all.flat().join(''));
/** A dictionary that knows every word which has an "s" in it. */
const knows = (one: string) => /s/i.test(one);

/** As the database's full text answers in boolean mode. */
function answers(terms: string, expression: string): boolean {
  const all = terms.split(' ');
  const groups = Array.from(expression.matchAll(/\+\(([^)]*)\)/g), ([, ways = '']) => ways.split(' '));
  return groups.every((ways) =>
    ways.some((way) =>
      all.some((term) => (way.endsWith('*') ? term.startsWith(way.slice(0, -1)) : term === way)),
    ),
  );
}

const finds = (typed: Asked, said: string): boolean => {
  const { parts } = wordsOfText(said, knows);
  const there = new Set(foundIn(said, typed, parts).flatMap(({ asked }) => asked));
  return there.size === typed.words.length;
};

test('the full text answers as what is marked in the text does', () => {
  fc.assert(
    fc.property(text, word, word, fc.boolean(), (said, one, other, exactly) => {
      const asked = askedWords(`${one} ${other}`, 'de', exactly);
      fc.pre(asked.words.length > 0);
      expect(answers(termsOf(wordsOfText(said, knows), 7), expressionOf(asked, 7))).toBe(finds(asked, said));
    }),
    { numRuns: 500 },
  );
});

test('whatever words of a text are typed, they find it', () => {
  fc.assert(
    fc.property(text, (said) => {
      const asked = askedWords(said, 'en');
      expect(asked.words.length).toBeLessThanOrEqual(MOST_WORDS);
      expect(finds(asked, said)).toBe(true);
      expect(finds(askedWords(said, 'en', true), said)).toBe(true);
    }),
  );
});

test('no class is found by the words of another, though its number begin alike', () => {
  const asked = askedWords('wind', 'en');
  expect(answers(termsOf(wordsOfText('wind', null), 12), expressionOf(asked, 1))).toBe(false);
  expect(answers(termsOf(wordsOfText('wind', null), 1), expressionOf(asked, 12))).toBe(false);
});

test('what the full text is given is of letters, digits and what we put there, whatever is typed', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme', maxLength: 200 }), (typed) => {
      for (const way of termsOf(wordsOfText(typed, knows), 3).split(' ').filter(Boolean)) {
        expect(way).toMatch(/^[kp]3_[a-z0-9_]+$/);
        expect(way.length).toBeLessThanOrEqual(84);
      }
      expect(expressionOf(askedWords(typed, 'en'), 3)).toMatch(/^(?:\+\([kp0-9a-z_* ]+\) ?)*$/);
    }),
  );
});

test('the pieces of a text are the text, and a passage is a part of it around something found', () => {
  fc.assert(
    fc.property(text, word, (said, typed) => {
      const asked = askedWords(typed, 'en');
      const found = foundIn(said, asked, {});
      const pieces = marked(said, found);
      expect(pieces.map((piece) => piece.text).join('')).toBe(said);
      const passage = passageAround(said, found);
      expect(passage === null).toBe(found.length === 0);
      if (!passage) return;
      const part = passage.pieces.map((piece) => piece.text).join('');
      expect(said).toContain(part);
      expect(part).not.toContain('\n');
      expect(passage.pieces.some((piece) => piece.found)).toBe(true);
    }),
  );
});

test('a passage is where most of what is looked for stands together, and no longer than it has to be', () => {
  const said = `north ${'once '.repeat(100)}north wind ${'more '.repeat(100)}wind`;
  const passage = passageAround(said, foundIn(said, askedWords('north wind', 'en'), {}));
  expect(passage).toMatchObject({ before: true, after: true });
  expect(passage?.pieces.find(({ found }) => found)?.text).toBe('north wind');
  expect(passage?.pieces.map((piece) => piece.text).join('').length).toBeLessThan(220);
});

test('a word of a hundred thousand letters and a text of one word a hundred thousand times are read', () => {
  const long = 's'.repeat(100_000);
  expect(termsOf(wordsOfText(long, knows), 1).length).toBeLessThan(100);
  const many = 'wind '.repeat(100_000);
  const found = foundIn(many, askedWords('wind', 'en'), {});
  const lengthOf = (said: string) =>
    passageAround(said, foundIn(said, askedWords(said.slice(0, 4), 'en'), {}))
      ?.pieces.map((piece) => piece.text)
      .join('').length;
  expect(lengthOf(many)).toBeLessThan(500);
  expect(lengthOf(long)).toBeLessThan(500);
  expect(found.length).toBeGreaterThan(1000);
});

test('of a text with endless words some thousand are taken apart, and all are found', () => {
  let asked = 0;
  const said = Array.from(
    { length: 20_000 },
    (_, index) => `word${index.toString(36).replace(/[0-9]/g, 'z')}abc`,
  );
  const { forms } = wordsOfText(said.join(' '), () => {
    asked += 1;
    return false;
  });
  expect(forms).toHaveLength(new Set(said).size);
  expect(asked).toBeLessThan(5000 * 30);
});

test('a compound is taken apart only where both sides are words', () => {
  const german = new Set([
    'Nord',
    'Wind',
    'Messer',
    'Windmesser',
    'Geburt',
    'Tag',
    'schwinden',
    'Schule',
    'Haus',
  ]);
  const inGerman = (one: string) => german.has(one);
  expect(compoundParts('Nordwindmesser', inGerman)).toEqual(['windmesser']);
  expect(compoundParts('Geburtstag', inGerman)).toEqual(['tag']);
  expect(compoundParts('Schulhaus', inGerman)).toEqual(['haus']);
  expect(compoundParts('verschwinden', inGerman)).toEqual([]);
  expect(compoundParts('42', inGerman)).toEqual([]);
});
