import { createHash } from 'node:crypto';
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyDocument } from '../../../tests/support/documents';
import { readHtml } from '../document/html/readHtml';
import { readersHtml } from '../document/html/readersHtml';
import { NOTHING_BESIDE } from './beside';
import { copyOfRevision, htmlForReaders, RENDERER } from './revisionCopy';

const EVERYTHING = readHtml(`<h2>1. Grey</h2><p>It was <strong>grey</strong> “all day”. See
  <a href="https://sky.example/a?b=1&amp;c=%22">the sky</a> and <a href="#part-1">above</a>.</p>
  <ul><li><p>fog</p></li></ul><blockquote><p>Rain.</p><cite>Ada</cite></blockquote>
  <figure><img src="0123456789abcdef" alt="a sky"></figure>
  <table><caption>Winds</caption><tbody><tr><td><p>N</p></td></tr></tbody></table>`);

test('a copy has what lists and readers need', () => {
  expect(copyOfRevision(EVERYTHING, NOTHING_BESIDE, {})).toMatchObject({
    teaser: 'It was grey “all day”. See the sky and above. fog N',
    cover: { src: '0123456789abcdef', description: 'a sky' },
    headings: [{ id: 'part-1', text: '1. Grey' }],
    words: 15,
    pictures: 1,
    links: 1,
    documents: [],
  });
  const chosen = { teaser: ' Mine. ', cover: { src: 'fedcba9876543210', description: 'fog' } };
  expect(copyOfRevision(EVERYTHING, chosen, {})).toMatchObject({ teaser: 'Mine.', cover: chosen.cover });
});

test('whatever is written, its copy reads as it would if it were rendered now', () => {
  fc.assert(
    fc.property(anyDocument, (document) => {
      const copy = copyOfRevision(document, NOTHING_BESIDE, {});
      expect(htmlForReaders(copy, { sameTab: true })).toBe(readersHtml(document, { sameTab: true }));
      expect(htmlForReaders(copy, { sameTab: false })).toBe(readersHtml(document));
    }),
  );
});

test('what a copy holds is another one only under another number', () => {
  const made = JSON.stringify(copyOfRevision(EVERYTHING, NOTHING_BESIDE, {}));
  // Whoever changes what is made here gives `RENDERER` the next number, and notes both.
  expect([RENDERER, createHash('sha256').update(made).digest('hex').slice(0, 16)]).toEqual([
    4,
    'dec15aa9a197ba5f',
  ]);
});
