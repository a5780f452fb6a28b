import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyDocument } from '../../../tests/support/documents';
import { readHtml } from '../document/html/readHtml';
import { plainText } from '../document/plainText';
import { passageAt } from './passageAt';
import { positionsOf } from './positionsOf';

test('whatever words stand in a document, their place is theirs again in the text', () => {
  fc.assert(
    fc.property(anyDocument, fc.nat(), fc.nat(), (body, one, another) => {
      const text = plainText(body);
      const [from, to] = [one % (text.length + 1), another % (text.length + 1)].toSorted((a, b) => a - b) as [
        number,
        number,
      ];
      const place = positionsOf(body, { from, to });
      if (!place || text.slice(from, to).trim() === '') return;
      const passage = passageAt(body, place);
      // Ends at the edge of a block may fall on either side of the line feed.
      expect(text.slice(passage.from, passage.to).trim()).toBe(text.slice(from, to).trim());
    }),
  );
});

test('any place lies within the text', () => {
  fc.assert(
    fc.property(anyDocument, fc.nat(5000), fc.nat(5000), (body, from, length) => {
      const passage = passageAt(body, { from, to: from + length });
      expect(passage.from).toBeGreaterThanOrEqual(0);
      expect(passage.to).toBeGreaterThanOrEqual(passage.from);
      expect(passage.to).toBeLessThanOrEqual(plainText(body).length);
    }),
  );
});

test('a picture without words stands where its caption would', () => {
  const body = readHtml(
    '<p>One.</p><figure><img src="/pictures/abcdefghijklmnop/800" alt=""></figure><p>Two.</p>',
  );
  let picture = 0;
  body.descendants((node, position) => {
    if (node.type.name === 'picture') picture = position;
  });
  const { from, to } = passageAt(body, {
    from: picture,
    to: picture + (body.nodeAt(picture)?.nodeSize ?? 0),
  });
  expect(from).toBe(to);
  expect(plainText(body).slice(0, from)).toBe('One.\n');
});
