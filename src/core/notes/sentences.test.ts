import { describe, expect, test } from 'vitest';
import { linesIn, sentencesOf } from './sentences';

const words = (text: string, language = 'en-GB') =>
  sentencesOf(text, language).map(({ from, to }) => text.slice(from, to));

describe('sentences', () => {
  test.each([
    ['one after the other', 'It rained. Then it stopped!', ['It rained.', 'Then it stopped!']],
    ['never over the end of a line', 'A heading\nIt rained', ['A heading', 'It rained']],
    ['without the white space around them', '  It rained.   \n\n Then?', ['It rained.', 'Then?']],
    ['one after a question', 'Why? “Look up.” I did.', ['Why?', '“Look up.”', 'I did.']],
    ['none', ' \n\n', []],
  ])('%s', (_, text, expected) => {
    expect(words(text)).toEqual(expected);
  });
});

test('lines in which something stands', () => {
  expect(linesIn('a\n\nbc')).toEqual([
    { from: 0, to: 1 },
    { from: 3, to: 5 },
  ]);
});
