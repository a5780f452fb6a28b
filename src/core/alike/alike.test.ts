import fc from 'fast-check';
import { expect, test } from 'vitest';
import { openDocument } from '../document/openDocument';
import { readMarkdown } from '../document/readMarkdown';
import { plainText } from '../document/plainText';
import { passageAt } from '../notes/passageAt';
import { comparableText } from './comparable';
import { fingerprints, ownFingerprints } from './fingerprints';
import { likeness } from './likeness';
import { ownWords } from './ownRows';
import { placesOfWords } from './placesOfWords';
import { sharedPassages } from './sharedPassages';

const GIVEN = { starters: ['I noticed that …'], outline: ['What I saw'] };

/** Texts of few words, so that much of them is alike by chance, in blocks of several kinds. */
const word = fc.constantFrom('fog', 'Fog,', 'sea', 'wind', 'is', 'low', 'to\u00ADday', 'I noticed that');
const block = fc
  .tuple(fc.constantFrom('', '## ', '> ', '- '), fc.array(word, { minLength: 1, maxLength: 14 }))
  .map(([mark, words]) => `${mark}${words.join(' ')}`);
const someText = fc
  .array(fc.oneof({ weight: 8, arbitrary: block }, fc.constantFrom('## What I saw', '```\nfog fog\n```')), {
    maxLength: 5,
  })
  .map((blocks) => readMarkdown(blocks.join('\n\n')));
const someClass = fc
  .array(someText, { maxLength: 6 })
  .map((bodies) => bodies.map((body, index) => ({ id: `other-${index}`, words: comparableText(body) })));

test('comparing with those that share a fingerprint finds what comparing with all finds', () => {
  fc.assert(
    fc.property(someText, someClass, (text, others) => {
      const own = new Set(ownFingerprints(ownWords(text, GIVEN)));
      const few = others.filter(({ words }) => fingerprints(words).some((one) => own.has(one)));
      expect(likeness(text, { ...GIVEN, others: few })).toEqual(likeness(text, { ...GIVEN, others }));
    }),
    { numRuns: 400 },
  );
});

test('the passages shown beside each other hold the words that are counted, and say the same', () => {
  fc.assert(
    fc.property(someText, someText, (text, other) => {
      const shared = sharedPassages(text, other, GIVEN);
      const { alike } = likeness(text, { ...GIVEN, others: [{ id: 'other', words: comparableText(other) }] });
      expect(shared.length > 0).toBe(alike > 0);
      expect(shared.reduce((sum, { words }) => sum + words, 0)).toBeGreaterThanOrEqual(alike);
      for (const { here, there, words } of shared) {
        expect(words).toBeGreaterThanOrEqual(8);
        const said = wordsAt(text, here);
        expect(said.slice(0, 8)).toEqual(wordsAt(other, there).slice(0, 8));
        expect(said.at(-1)).toBe(wordsAt(other, there).at(-1));
      }
    }),
    { numRuns: 400 },
  );
});

function wordsAt(document: ReturnType<typeof readMarkdown>, place: { from: number; to: number }) {
  const { from, to } = passageAt(document, place);
  return (
    plainText(document)
      .slice(from, to)
      .toLowerCase()
      .match(/[a-z\u00AD]+/gu) ?? []
  ).map((one) => one.replace('\u00AD', ''));
}

test('a text of one word many times over is compared as quickly as any other', () => {
  const many = readMarkdown(Array.from({ length: 20_000 }, () => 'la').join(' '));
  const [passage, ...more] = sharedPassages(many, many, GIVEN);
  expect(passage?.words).toBe(20_000);
  expect(more).toEqual([]);
  expect(fingerprints(comparableText(many))).toHaveLength(1);
  const others = [{ id: 'many', words: comparableText(many) }];
  expect(likeness(many, { ...GIVEN, others })).toMatchObject({ words: 20_000, alike: 20_000 });
});

test('fingerprints are whole numbers that a database column and JSON hold exactly, spread over all of them', () => {
  const words = Array.from({ length: 3000 }, (_, index) => `word${index}`).join(' ');
  const found = fingerprints(words);
  expect(found.every((one) => Number.isSafeInteger(one) && one >= 0)).toBe(true);
  // Of each window of four the least: on average two in five, drawn from the lower part.
  expect(found.length).toBeGreaterThan(1000);
  expect(found.length).toBeLessThan(1400);
  expect(new Set(found.map((one) => one % 64)).size).toBe(64);
});

test('places of words are where they stand, signs that nobody sees and emoji between them or not', () => {
  const text = '🌫️ “Fog”, to\u00ADday — fog\u200B (2 m).';
  expect(placesOfWords(text).map(({ from, to }) => text.slice(from, to))).toEqual([
    '“Fog”,',
    'to\u00ADday',
    'fog',
    '(2',
    'm).',
  ]);
});

test('rows end at what was given, and own words are in them alone', () => {
  const written = JSON.stringify(
    readMarkdown('fog at sea. I noticed that low fog is wet\n\n## What I saw\n\nwind').toJSON(),
  );
  const text = openDocument(JSON.parse(written.replace(/"outline":false/u, '"outline":true')));
  expect(ownWords(text, GIVEN).map((row) => row.join(' '))).toEqual(['fog at sea', 'low fog is wet', 'wind']);
});
