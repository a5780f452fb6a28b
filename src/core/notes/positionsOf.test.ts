import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyDocument } from '../../../tests/support/documents';
import { plainText } from '../document/plainText';
import { positionsOf } from './positionsOf';
import { linesIn } from './sentences';

test('a passage of the plain text is the same words in the document', () => {
  fc.assert(
    fc.property(anyDocument, fc.nat(), fc.nat(), fc.nat(), (body, which, one, another) => {
      const text = plainText(body);
      const lines = linesIn(text);
      const line = lines[which % Math.max(1, lines.length)];
      if (!line) return;
      const [from, to] = [one, another]
        .map((offset) => line.from + (offset % (line.to - line.from + 1)))
        .toSorted((a, b) => a - b) as [number, number];
      const found = positionsOf(body, { from, to });
      expect(found).not.toBeNull();
      const leaf = () => '\n';
      expect(body.textBetween(found!.from, found!.to, '\n', leaf)).toBe(text.slice(from, to));
    }),
  );
});

test('over two blocks, and beyond the end', () => {
  fc.assert(
    fc.property(anyDocument, (body) => {
      const { length } = plainText(body);
      expect(positionsOf(body, { from: 0, to: length + 1 })).toBeNull();
      const all = positionsOf(body, { from: 0, to: length });
      if (all) expect(all.from).toBeLessThanOrEqual(all.to);
    }),
  );
});
