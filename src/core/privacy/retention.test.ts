import { expect, test } from 'vitest';
import { keptSince } from './retention';

test.each([
  ['2026-11-26T07:00:00.000Z', 1, '2026-10-26T07:00:00.000Z'],
  ['2026-11-26T07:00:00.000Z', 12, '2025-11-26T07:00:00.000Z'],
  ['2026-03-31T23:59:00.000Z', 1, '2026-02-28T23:59:00.000Z'],
  ['2028-03-31T00:00:00.000Z', 1, '2028-02-29T00:00:00.000Z'],
  ['2026-01-15T00:00:00.000Z', 3, '2025-10-15T00:00:00.000Z'],
])('at %s, what is kept for %i months goes back to %s', (now, months, since) => {
  expect(keptSince(new Date(now), months).toISOString()).toBe(since);
});
