// @vitest-environment jsdom
import fc from 'fast-check';
import { beforeEach, describe, expect, test } from 'vitest';
import { anyDocument } from '../../../tests/support/documents';
import { readHtml } from '../../core/document/html/readHtml';
import { readersHtml } from '../../core/document/html/readersHtml';
import { plainText } from '../../core/document/plainText';
import { passageOf, rangeOf, readPageText } from './pageText';

let root: HTMLElement;
beforeEach(() => {
  document.body.innerHTML = '<main></main>';
  root = document.querySelector('main')!;
});

const shown = (html: string) => {
  root.innerHTML = readersHtml(readHtml(html));
  return readPageText(root);
};

test('the text of a page is the text of its document, whatever stands in it', () => {
  fc.assert(
    fc.property(anyDocument, (body) => {
      root.innerHTML = readersHtml(body);
      const page = readPageText(root);
      expect(page.text).toBe(plainText(body));
      expect(page.lines.map(({ from, to }) => page.text.slice(from, to)).join('\n')).toBe(page.text);
      for (const { node, from, to } of page.pieces)
        expect(node.data.startsWith(page.text.slice(from, to))).toBe(true);
    }),
    { numRuns: 200 },
  );
});

describe('a passage', () => {
  const HTML =
    '<h2>Monday</h2><p>It grew a <strong>second</strong> head.</p><ul><li>one</li><li>two</li></ul>';

  test.each([
    ['within a word’s marks', 'second'],
    ['across them', 'a second head'],
    ['over two blocks', 'Monday\nIt grew'],
    ['to the end', 'one\ntwo'],
  ])('%s stands on the page, and comes back from it', (_, words) => {
    const page = shown(HTML);
    const from = page.text.indexOf(words);
    const range = rangeOf(page, { from, to: from + words.length });
    expect(range?.toString()).toBe(words.replaceAll('\n', ''));
    expect(range && passageOf(page, range)).toEqual({ from, to: from + words.length });
  });

  test('that somebody marked with the white space around it is that without', () => {
    const page = shown(HTML);
    const from = page.text.indexOf(' second ');
    const range = rangeOf(page, { from, to: from + 8 });
    expect(range && passageOf(page, range)).toEqual({ from: from + 1, to: from + 7 });
  });

  test('of nothing is none', () => {
    const page = shown(HTML);
    expect(rangeOf(page, { from: 6, to: 7 })).toBeNull();
    const range = document.createRange();
    range.selectNodeContents(root.querySelector('ul')!);
    range.collapse(true);
    expect(passageOf(page, range)).toBeNull();
  });

  test('is found past words that are gone', () => {
    const page = shown(HTML);
    root.querySelector('strong')!.insertAdjacentHTML('beforebegin', '<del>third </del>');
    const again = readPageText(root);
    expect(again.text).toBe(page.text);
  });
});
