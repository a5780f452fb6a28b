import { expect, test } from 'vitest';
import { countDocumentWords } from '../words/documentWords';
import { readHtml } from './html/readHtml';
import { stretches } from './stretches';

const TEXT = readHtml(
  '<p>before it all</p><h2 data-outline>What I saw</h2><p>two gulls</p><h3>Later on</h3>' +
    '<blockquote><h4>She said</h4><p>not much today</p></blockquote><p>and left</p>',
);

test('a document is cut at each of its headings, of whatever level and wherever it stands', () => {
  expect(stretches(TEXT).map(({ heading, words }) => [heading, words])).toEqual([
    ['', 3],
    ['What I saw', 5],
    ['Later on', 2],
    ['She said', 7],
  ]);
});

test.each([
  {},
  { outline: ['what i saw'] },
  { excludeHeadings: true },
  { excludeQuotations: true, outline: ['What I saw'] },
])('its words are those of the document: %j', (options) => {
  const all = stretches(TEXT, options).reduce((sum, one) => sum + one.words, 0);
  expect(all).toBe(countDocumentWords(TEXT, options));
});

test('a heading that does not count still names what stands under it', () => {
  expect(stretches(TEXT, { outline: ['What I saw'] })[1]).toMatchObject({ heading: 'What I saw', words: 2 });
});

test('what begins with a heading has nothing before it, and what is empty is one stretch', () => {
  expect(stretches(readHtml('<h2>One</h2><p>word</p>'))).toHaveLength(1);
  expect(stretches(readHtml(''))).toEqual([{ heading: '', from: 0, to: 2, words: 0 }]);
});
