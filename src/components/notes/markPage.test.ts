// @vitest-environment jsdom
import fc from 'fast-check';
import { beforeEach, describe, expect, test } from 'vitest';
import { anyDocument } from '../../../tests/support/documents';
import { blockChanges } from '../../core/changes/blocks';
import { changesInText } from '../../core/changes/changesInText';
import { readHtml } from '../../core/document/html/readHtml';
import { readersHtml } from '../../core/document/html/readersHtml';
import { markPage, NO_MARKS, type Marks } from './markPage';
import { readPageText } from './pageText';

let root: HTMLElement;
beforeEach(() => {
  document.body.innerHTML = '<main></main>';
  root = document.querySelector('main')!;
});

function marked(html: string, marks: Partial<Marks>): string {
  root.innerHTML = readersHtml(readHtml(html));
  markPage(root, readPageText(root), { ...NO_MARKS, ...marks });
  return root.innerHTML;
}

describe('a text', () => {
  test.each<[string, string, Partial<Marks>, string]>([
    ['without marks', '<p>grey fog</p>', {}, '<p>grey fog</p>'],
    [
      'with a note within a word’s marks',
      '<p>a <em>grey fog</em> came</p>',
      { noted: [{ id: 'n', from: 7, to: 15 }] },
      '<p>a <em>grey <mark data-note="n">fog</mark></em><mark data-note="n"> came</mark></p>',
    ],
    [
      'with new words of which one has two notes',
      '<p>grey fog</p>',
      {
        added: [{ from: 0, to: 8 }],
        noted: [
          { id: 'n', from: 0, to: 4 },
          { id: 'm', from: 0, to: 8 },
        ],
      },
      '<p><mark data-note="n m"><ins>grey</ins></mark><mark data-note="m"><ins> fog</ins></mark></p>',
    ],
    [
      'with words that are gone, at its beginning, within and at its end',
      '<p>grey fog</p>',
      {
        removed: [
          { at: 0, text: 'one', block: false },
          { at: 5, text: 'two ', block: false },
          { at: 8, text: ' three', block: false },
        ],
      },
      '<p><del>one</del>grey <del>two </del>fog<del> three</del></p>',
    ],
    [
      'with blocks that are gone, before a list and at its end',
      '<p>grey</p><ul><li>fog</li></ul>',
      {
        removed: [
          { at: 5, text: 'one', block: true },
          { at: 9, text: 'two', block: true },
        ],
      },
      '<p>grey</p><p data-beside=""><del>one</del></p><ul dir="auto"><li><p>fog</p></li></ul><p data-beside=""><del>two</del></p>',
    ],
  ])('%s', (_, html, marks, expected) => {
    expect(marked(html, marks)).toBe(expected);
  });

  test('is the same text afterwards, whatever was marked', () => {
    fc.assert(
      fc.property(anyDocument, anyDocument, fc.nat(60), fc.nat(60), (old, young, one, another) => {
        root.innerHTML = readersHtml(young);
        const page = readPageText(root);
        const [from, to] = [Math.min(one, another), Math.max(one, another)];
        markPage(root, page, { ...changesInText(blockChanges(old, young)), noted: [{ id: 'n', from, to }] });
        expect(readPageText(root).text).toBe(page.text);
      }),
      { numRuns: 100 },
    );
  });
});
