import { expect, test } from 'vitest';
import { isCovered, withoutCredits } from './credits';
import { readHtml } from './html/readHtml';
import { readersHtml } from './html/readersHtml';
import { plainText } from './plainText';

const SRC = '0123456789abcdef';
const document = readHtml(
  `<p>Wren was here.</p><blockquote><p>So it is.</p><cite>A book</cite></blockquote>
   <figure><img src="${SRC}" alt="A harbour"><figcaption>The quay <cite>Picture: <a href="https://w.example.org/">Wren E.</a></cite></figcaption></figure>`,
);

test('credits of pictures are covered, and nothing else is', () => {
  const without = withoutCredits(document);
  const html = readersHtml(without);
  expect(html).not.toContain('Wren E.');
  expect(html).not.toContain('w.example.org');
  for (const stays of ['Wren was here.', 'A book', 'The quay', 'A harbour']) expect(html).toContain(stays);
});

test('every place of the text stays where it is', () => {
  const [before, after] = [plainText(document), plainText(withoutCredits(document))];
  expect(after).toHaveLength(before.length);
  expect(after.indexOf('The quay')).toBe(before.indexOf('The quay'));
  expect(isCovered(after.slice(before.indexOf('Wren E.')))).toBe(true);
  expect(isCovered(before)).toBe(false);
  expect(withoutCredits(document).nodeSize).toBe(document.nodeSize);
});

test('a document without pictures stays as it is', () => {
  const plain = readHtml('<p>Nothing of that kind.</p>');
  expect(withoutCredits(plain).eq(plain)).toBe(true);
});
