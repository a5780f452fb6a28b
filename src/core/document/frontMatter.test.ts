import { expect, test } from 'vitest';
import { frontMatter } from './frontMatter';

test.each([
  ['---\ntitle: Fog\ntags: [sea, "grey day"]\n---\nIt came.', 'Fog', ['sea', 'grey day'], 'It came.'],
  [
    "---\r\ntitle: 'A: b'\r\nlabels:\r\n  - sea\r\n  - fog\r\ndate: 1\r\n---\r\nText",
    'A: b',
    ['sea', 'fog'],
    'Text',
  ],
  ['---\nkeywords: sea, fog\n...\nText', '', ['sea', 'fog'], 'Text'],
  ['---\nlayout: x\n---\n', '', [], ''],
  ['---\nA rule, and words\n---\nText', '', [], '---\nA rule, and words\n---\nText'],
  ['Text\n---\ntitle: Fog\n---', '', [], 'Text\n---\ntitle: Fog\n---'],
  ['---\ntitle: Fog', '', [], '---\ntitle: Fog'],
  ['', '', [], ''],
])('%j', (markdown, title, labels, text) => {
  expect(frontMatter(markdown)).toEqual({ title, labels, text });
});
