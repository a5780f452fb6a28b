import { expect, test } from 'vitest';
import type { LateRule } from './gradeInput';
import { lateDays } from './lateDays';

test.each<[string, LateRule, number, string]>([
  ['nothing', { kind: 'none' }, 20, ''],
  ['a point a day and a cliff', { kind: 'points', perDay: 1, lastDays: 3 }, 20, '1: 19, 2: 18, 3: 17, 4: 0!'],
  ['a closing day without deduction', { kind: 'points', perDay: 0, lastDays: 2 }, 20, '1: 20, 2: 20, 3: 0!'],
  ['per cent of what was earned', { kind: 'percent', perDay: 25, lastDays: 2 }, 20, '1: 15, 2: 10, 3: 0!'],
  ['a floor', { kind: 'points', perDay: 6, floorPercent: 50 }, 20, '1: 14, 2: 10'],
  ['down to nothing', { kind: 'points', perDay: 8 }, 20, '1: 12, 2: 4, 3: 0'],
  [
    'school days, over a weekend',
    { kind: 'points', perDay: 1, schoolDaysOnly: true, lastDays: 5 },
    9,
    '1: 8, 2: 7, 3: 6, 4: 5, 5: 4, 6: 0!',
  ],
  ['nothing to earn', { kind: 'points', perDay: 1 }, 0, ''],
])('%s', (_, rule, points, expected) => {
  const told = lateDays(rule, points).map((day) => `${day.days}: ${day.grade}${day.worthNothing ? '!' : ''}`);
  expect(told.join(', ')).toBe(expected);
});

test('a rule without end is told for ten days', () => {
  expect(lateDays({ kind: 'points', perDay: 0.5 }, 100)).toHaveLength(10);
});
