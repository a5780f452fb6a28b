import { expect, test } from 'vitest';
import { readHtml } from '../document/html/readHtml';
import { readersHtml } from '../document/html/readersHtml';
import { entryLinks, headingLinks, newEntries } from './entryLinks';

const diary = (count: number) =>
  readHtml(
    `<h2>How I looked</h2>${Array.from({ length: count }, (_, index) => `<h2>${index + 1}. Grey</h2><p>a</p>`).join('')}`,
  );

test('each entry of a growing post has a place of its own, and the way to it leads there', () => {
  const links = entryLinks(headingLinks(diary(3)), 'en-GB');
  expect(links).toEqual([
    { id: 'part-2', text: '1. Grey' },
    { id: 'part-3', text: '2. Grey' },
    { id: 'part-4', text: '3. Grey' },
  ]);
  for (const { id, text } of links) expect(readersHtml(diary(3))).toContain(`<h2 id="${id}">${text}</h2>`);
});

test('a few entries, and headings without numbers, need no list', () => {
  expect(entryLinks(headingLinks(diary(2)), 'en-GB')).toEqual([]);
  expect(entryLinks(headingLinks(readHtml('<h2>a</h2><h2>b</h2><h2>c</h2>')), 'en-GB')).toEqual([]);
});

test('new entries are those with a number whose heading an earlier version did not have', () => {
  const at = (...texts: string[]) => texts.map((text, index) => ({ id: `part-${index + 1}`, text }));
  const before = at('About this log', '1. Flat', '2. Torn');
  const now = at('About my log', '3. Rags', '1. Flat', '2. Torn, and mended');
  expect(newEntries(now, before, 'en-GB')).toEqual([
    { id: 'part-2', text: '3. Rags' },
    { id: 'part-4', text: '2. Torn, and mended' },
  ]);
  expect(newEntries(before, before, 'en-GB')).toEqual([]);
});
