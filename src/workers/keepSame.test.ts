import { expect, test } from 'vitest';
import { keepSame } from './keepSame';

test('a copy that reads alike is the one before, any other is itself', () => {
  const keep = keepSame<unknown>();
  const first = { a: [1] };
  expect(keep(first)).toBe(first);
  expect(keep(structuredClone(first))).toBe(first);
  const other = { a: [2] };
  expect(keep(other)).toBe(other);
  expect(keep(undefined)).toBeUndefined();
  expect(keep({ a: [1] })).toEqual(first);
});
