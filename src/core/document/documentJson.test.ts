import { expect, test } from 'vitest';
import { documentJson } from './documentJson';
import { readHtml } from './html/readHtml';
import { documentSchema } from './schema';

test.each(['<p>one</p>', '<h2>One</h2><p>a <b>b</b></p><ul><li>c</li></ul>', ''])(
  'it reads like the document: %s',
  (html) => {
    const document = readHtml(html);
    expect(documentJson(document)).toEqual(document.toJSON());
  },
);

test('a block that did not change is the same JSON', () => {
  const document = readHtml('<p>one</p><p>two</p>');
  const changed = document.replace(
    1,
    4,
    documentSchema.node('paragraph', null, documentSchema.text('new')).slice(0),
  );
  const [before, after] = [documentJson(document), documentJson(changed)];
  expect(after.content?.[1]).toBe(before.content?.[1]);
  expect(after.content?.[0]).not.toBe(before.content?.[0]);
  expect(after).toEqual(changed.toJSON());
});
