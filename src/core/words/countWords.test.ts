import { describe, expect, test } from 'vitest';
import { readHtml } from '../document/html/readHtml';
import { countWords } from './countWords';
import { countDocumentWords } from './documentWords';

describe('countWords', () => {
  test.each([
    ['', 0],
    ['well-known and/or 3,500.75', 3],
    ['3°C at 6.40 in the U.S.A.', 6],
    ['sky—grey, pages 10–12', 5],
    ['– … & *** - ', 0],
    ['me@example.org https://example.org/a?b=c', 2],
    ['a\u00A0b\u2003c', 3],
    ['soft\u00ADhyphen zero\u200Bwidth', 2],
    ['3️⃣ clouds ℹ️ 🌧️ 👩‍🔬', 1],
    ['1 2 3', 3],
    ['wait…what', 1],
    ['今日は天気がいい', 5],
    ['ภาษาไทย', 2],
    ['sky 今日 sea', 3],
  ])('%j has %i words', (text, words) => {
    expect(countWords(text)).toBe(words);
  });
});

describe('countDocumentWords', () => {
  const html =
    '<h2>One two</h2><p>thun<strong>der</strong>storm<br>now</p><ul><li>a</li><li>b</li></ul>' +
    '<blockquote><p>quoted words</p><cite>not counted</cite></blockquote><table><tr><td>cell</td></tr></table>' +
    '<figure><img src="a.png" alt="no"><figcaption>no <cite>no</cite></figcaption></figure><pre><code>no no</code></pre>';

  test('counts text, headings, lists, quotations and tables; never captions, credits, sources and code', () => {
    expect(countDocumentWords(readHtml(html))).toBe(2 + 2 + 2 + 2 + 1);
  });

  test('can leave out quotations and headings', () => {
    expect(countDocumentWords(readHtml(html), { excludeQuotations: true })).toBe(7);
    expect(countDocumentWords(readHtml(html), { excludeHeadings: true })).toBe(7);
  });

  test('does not count an outline heading while it stands as it was given', () => {
    const outline = ['Monday!'];
    expect(countDocumentWords(readHtml('<h2 data-outline>monday!</h2><p>sky</p>'), { outline })).toBe(1);
    expect(countDocumentWords(readHtml('<h2 data-outline>Monday grey</h2><p>sky</p>'), { outline })).toBe(3);
    expect(countDocumentWords(readHtml('<h2>Monday!</h2><p>sky</p>'), { outline })).toBe(2);
  });
});
