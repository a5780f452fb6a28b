import { expect, test } from 'vitest';
import { documentReader } from './documentReader';
import { readHtml } from './html/readHtml';
import type { DocumentJson } from './openDocument';

const json = (html: string) => readHtml(html).toJSON() as DocumentJson;

test('what did not change is the very same node, what did is another', () => {
  const read = documentReader();
  const before = read(json('<h2>a</h2><p>b</p><p>c</p>'));
  const after = read(json('<h2>a</h2><p>b and more</p><p>c</p>'));
  expect(after.toJSON()).toEqual(json('<h2>a</h2><p>b and more</p><p>c</p>'));
  expect([0, 1, 2].map((index) => after.child(index) === before.child(index))).toEqual([true, false, true]);
});

test('blocks that moved, stand twice or come back are read right', () => {
  const read = documentReader();
  for (const html of ['<p>a</p><p>b</p>', '<p>b</p><p>a</p><p>a</p>', '<p>c</p>', '<p>a</p><p>b</p>'])
    expect(read(json(html)).toJSON()).toEqual(json(html));
});

test('what is no document is said', () => {
  expect(() => documentReader()({ type: 'doc', content: [{ type: 'script' }] })).toThrow(RangeError);
});
