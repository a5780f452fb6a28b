import { expect, test } from 'vitest';
import { readHtml } from '../document/html/readHtml';
import { nextEntry } from './numberedEntries';

test.each([
  ['nothing yet', '<p>hello</p>', 1, 2],
  ['after the highest', '<h3>1. Rain</h3><p>a</p><h3>4. Sun</h3><p>b</p>', 5, 3],
  ['only of the entries, not of what is numbered under them', '<h2>1. Rain</h2><h3>7. Puddles</h3>', 2, 2],
  ['whatever their order', '<h2>3. Rain</h2><h2>1. Sun</h2><h2>2. Fog</h2>', 4, 2],
])('the next entry: %s', (_, html, number, level) => {
  expect(nextEntry(readHtml(html), 'en')).toEqual({ number, level, before: null });
});

test('where the newest stands first, the next one goes before it', () => {
  const body = readHtml('<p>About</p><h2>2. Sun</h2><p>b</p><h2>1. Rain</h2><p>a</p>');
  expect(nextEntry(body, 'en')).toEqual({ number: 3, level: 2, before: 7 });
});
