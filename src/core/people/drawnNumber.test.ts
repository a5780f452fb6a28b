import { expect, test } from 'vitest';
import { drawnNumbers, numberShown } from './drawnNumber';

test('numbers have three digits first and more where those are taken', () => {
  const lowest = drawnNumbers((from) => from);
  expect(lowest).toEqual([100, 100, 100, 1000, 1000, 1000, 10000, 10000, 10000, 100000, 100000, 100000]);
  const highest = drawnNumbers((_, to) => to - 1);
  expect(highest.slice(0, 4)).toEqual([999, 999, 999, 9999]);
});

test('a number is shown as one', () => {
  expect(numberShown(417)).toBe('№ 417');
});
