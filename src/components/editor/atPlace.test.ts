import type { Editor } from '@tiptap/core';
import { expect, test } from 'vitest';
import { readHtml } from '../../core/document/html/readHtml';
import { pictures } from '../../core/document/pictures';
import { placeShown } from './atPlace';

const PICTURE = '0123456789abcdef';

function shownIn(html: string, from: number, to: number) {
  const editor = { state: { doc: readHtml(html) } } as unknown as Editor;
  return placeShown(editor, { from, to, reason: 'any' });
}

test('a picture is shown with its caption, not with its credit', () => {
  const html = `<p>Fog.</p><figure><img src="${PICTURE}" alt=""><figcaption>The lid. <cite>Uma</cite></figcaption></figure>`;
  const [picture] = pictures(readHtml(html));
  expect(shownIn(html, picture!.position, picture!.position + 1)).toEqual({
    picture: PICTURE,
    words: 'The lid.',
  });
});

test('a place in the text is shown by its first words', () => {
  expect(shownIn('<p>One two three.</p>', 1, 8)).toEqual({ picture: null, words: 'One two' });
  const long = shownIn(`<p>${'rain '.repeat(40)}</p>`, 0, 200).words;
  expect(long).toMatch(/^rain rain .* …$/);
  expect(long.length).toBeLessThan(70);
});

test('a place of which the text is gone shows nothing', () => {
  expect(shownIn('<p>Short.</p>', 90, 95)).toEqual({ picture: null, words: '' });
  expect(shownIn('<p>Short.</p>', 3, 95)).toEqual({ picture: null, words: 'ort.' });
});
