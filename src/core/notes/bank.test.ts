import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { findSentences, sentenceFrom, sentenceTo, type Sentence } from './bank';

const kept = (id: string, words: string, group = '', uses = 0): Sentence => ({ id, words, group, uses });
const BANK = [
  kept('a', 'Say how you know it', 'Explaining', 6),
  kept('b', 'What happened after that?', 'Noticing', 11),
  kept('c', 'One thing a reader could hear or smell?', 'Noticing', 4),
  kept('d', 'Déjà vu: where was this said?', '', 0),
];

describe('a sentence is found', () => {
  test.each([
    ['', ['b', 'a', 'c', 'd']],
    ['sa', ['a', 'd']],
    ['NOT', ['b', 'c']],
    ['noticing smell', ['c']],
    ['deja', ['d']],
    ['mell', []],
    ['?!', ['b', 'a', 'c', 'd']],
    ['know how', ['a']],
  ] as const)('by “%s”', (typed, expected) => {
    expect(findSentences(BANK, typed).map(({ id }) => id)).toEqual(expected);
  });
});

describe('a name in a sentence', () => {
  test.each([
    ['Well seen, {name}! Is it yours, {name}?', 'Mara', 'Well seen, Mara! Is it yours, Mara?'],
    ['Well seen, {name}!', '$& $1', 'Well seen, $& $1!'],
    ['Well seen, {name}!', null, 'Well seen, ____!'],
    ['No name', 'Mara', 'No name'],
  ])('%s for %s', (words, name, expected) => {
    expect(sentenceTo(words, name)).toBe(expected);
  });
  test.each([
    ['Well seen, Mara! ', 'Mara', 'Well seen, {name}!'],
    ['Marathon, Maras, Mara’s', 'Mara', 'Marathon, Maras, {name}’s'],
    ['Zoë and Zoe', 'Zoë', '{name} and Zoe'],
    ['a.b axb', 'a.b', '{name} axb'],
    ['Say how', ' ', 'Say how'],
    ['(Ö) and Öl', 'Ö', '({name}) and Öl'],
  ])('%s without %s', (note, name, expected) => {
    expect(sentenceFrom(note, name)).toBe(expected);
  });
  test('what is kept of a note says the same to the same child again', () => {
    fc.assert(
      fc.property(
        fc.string({ unit: 'grapheme' }),
        fc.string({ unit: 'grapheme', maxLength: 5 }),
        (note, name) => {
          fc.pre(!note.includes('{name}'));
          expect(sentenceTo(sentenceFrom(note, name), name)).toBe(note.trim());
        },
      ),
    );
  });
});
