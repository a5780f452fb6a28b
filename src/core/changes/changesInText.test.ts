import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyDocument } from '../../../tests/support/documents';
import { readHtml } from '../document/html/readHtml';
import { plainText } from '../document/plainText';
import { blockChanges } from './blocks';
import { changesInText } from './changesInText';

function changes(before: string, after: string) {
  const [old, young] = [readHtml(before), readHtml(after)];
  const text = plainText(young);
  const { added, removed, places } = changesInText(blockChanges(old, young));
  return {
    added: added.map(({ from, to }) => text.slice(from, to)),
    removed: removed.map(({ at, text: gone, block }) => `${text.slice(0, at)}${block ? '¶' : ''}[${gone}]`),
    places: places.map(({ from, to, ...place }) => ({ ...place, text: text.slice(from, to) })),
  };
}
const place = { added: 0, removed: 0, moved: false, picture: false, text: '' };

describe('what changed, where it stands', () => {
  test.each([
    ['nothing', '<p>fog</p>', '<p>fog</p>', { added: [], removed: [], places: [] }],
    [
      'words in a paragraph further down',
      '<h2>Monday</h2><p>It was grey all day.</p>',
      '<h2>Monday</h2><p>It was grey and cold all day.</p>',
      {
        added: ['and cold '],
        removed: [],
        places: [{ ...place, added: 2, text: 'and cold ' }],
      },
    ],
    [
      'words that are gone, and others in their place',
      '<p>We saw the old ferry at noon.</p>',
      '<p>We saw the new ferry at noon.</p>',
      {
        added: ['new'],
        removed: ['We saw the [old]'],
        places: [{ ...place, added: 1, removed: 1, text: 'new' }],
      },
    ],
    [
      'a paragraph that is gone',
      '<p>Fog.</p><p>Then rain.</p><p>Sun.</p>',
      '<p>Fog.</p><p>Sun.</p>',
      { added: [], removed: ['Fog.\n¶[Then rain.]'], places: [{ ...place, removed: 2 }] },
    ],
    [
      'one that moved',
      '<p>First of all.</p><p>Then rain.</p>',
      '<p>Then rain.</p><p>First of all.</p>',
      { added: [], removed: [], places: [{ ...place, moved: true }] },
    ],
    [
      'a picture with its caption',
      '<p>Fog.</p>',
      '<p>Fog.</p><figure><img src="0123456789abcdef" alt=""><figcaption>A cloud <cite>me</cite></figcaption></figure>',
      {
        added: ['A cloud\nme'],
        removed: [],
        places: [{ ...place, added: 3, picture: true, text: 'A cloud\nme' }],
      },
    ],
  ])('%s', (_, before, after, expected) => {
    expect(changes(before, after)).toEqual(expected);
  });

  test('lies within the text, in its order', () => {
    fc.assert(
      fc.property(anyDocument, anyDocument, (old, young) => {
        const text = plainText(young);
        const { added, removed, places } = changesInText(blockChanges(old, young));
        let last = 0;
        for (const { from, to } of added) {
          expect(from).toBeGreaterThanOrEqual(last);
          expect(to).toBeGreaterThan(from);
          last = to;
        }
        expect(last).toBeLessThanOrEqual(text.length);
        for (const { at } of removed) expect(at).toBeLessThanOrEqual(text.length + 1);
        for (const { from, to } of places) expect(to).toBeGreaterThanOrEqual(from);
      }),
      { numRuns: 150 },
    );
  });
});
