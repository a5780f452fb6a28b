import fc from 'fast-check';
import { expect, test } from 'vitest';
import { questionFinder } from './likeQuestions';

const KNOWN = [
  { id: 'a', words: 'May it be the same cloud on two days?' },
  { id: 'b', words: 'What counts as a credit?' },
  { id: 'c', words: 'May I draw it, if the camera cannot see it?' },
];
const found = (typed: string, locale = 'en-GB') =>
  questionFinder(KNOWN, locale)(typed, 3).map(({ id }) => id);

test.each([
  ['is the same cloud all right on two days', ['a']],
  ['what is a credit', ['b']],
  ['Credits?', ['b']],
  ['can I draw what the camera doesn’t see', ['c']],
  ['When is it due?', []],
  ['', []],
  ['??', []],
  ['it', []],
])('%j is like %j', (typed, ids) => {
  expect(found(typed)).toEqual(ids);
});

test('no more than asked for are found, each is one of them, and the same text is found first', () => {
  const words = fc.array(fc.constantFrom('cloud', 'rain', 'wind', 'draw', 'may', 'how'), {
    minLength: 1,
    maxLength: 6,
  });
  fc.assert(
    fc.property(fc.array(words, { maxLength: 12 }), words, (texts, typed) => {
      const known = [...texts, typed].map((text, at) => ({ id: String(at), words: text.join(' ') }));
      const like = questionFinder(known, 'en-GB')(typed.join(' '), 2);
      expect(like.length).toBeLessThanOrEqual(2);
      const own = new Set(typed);
      expect(
        typed.every((word) => like[0]!.words.split(' ').includes(word)),
        [...own].join(' '),
      ).toBe(true);
    }),
  );
});
