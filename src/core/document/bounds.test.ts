import { expect, test } from 'vitest';
import { isWithinBounds } from './bounds';
import { maybeOpenDocument } from './openDocument';

const nested = (kind: 'list' | 'quotation', depth: number): object => {
  let inner: object = { type: 'paragraph', content: [{ type: 'text', text: 'deep' }] };
  for (let level = 0; level < depth; level += 1)
    inner =
      kind === 'quotation'
        ? { type: 'blockquote', content: [inner] }
        : { type: 'bulletList', content: [{ type: 'listItem', content: [{ type: 'paragraph' }, inner] }] };
  return { type: 'doc', content: [inner] };
};

test.each([
  ['list', 7, true],
  ['list', 40, true],
  ['quotation', 14, true],
  ['list', 1000, false],
  ['quotation', 100_000, false],
] as const)('a %s %i deep', (kind, depth, taken) => {
  expect(isWithinBounds(nested(kind, depth))).toBe(taken);
  expect(maybeOpenDocument(nested(kind, depth)).ok).toBe(taken);
});

test('no more than anybody writes', () => {
  const paragraphs = (count: number, text: string) => ({
    type: 'doc',
    content: Array.from({ length: count }, () => ({ type: 'paragraph', content: [{ type: 'text', text }] })),
  });
  expect(maybeOpenDocument(paragraphs(3000, 'a few words of a line')).ok).toBe(true);
  expect(maybeOpenDocument(paragraphs(100_000, 'x'))).toEqual({ ok: false, reason: 'bounds' });
  expect(maybeOpenDocument(paragraphs(1, 'x'.repeat(2_000_000)))).toEqual({ ok: false, reason: 'bounds' });
});
