import fc from 'fast-check';
import { expect, test } from 'vitest';
import { dueDays, type DueDay } from './dueDays';
import { addDays } from './zonedTime';

const said = (days: readonly DueDay[]) =>
  days
    .map((day) =>
      day.kind === 'gap'
        ? `(${day.days})`
        : `${day.date.slice(8)}${day.today ? ' today' : ''}${day.due ? ' due' : ''}`,
    )
    .join(', ');

test.each([
  ['two days to go', '2026-11-19', '2026-11-17', '16, 17 today, 18, 19 due, 20'],
  ['due today', '2026-11-19', '2026-11-19', '16, 17, 18, 19 today due, 20'],
  ['three days to go, over the end of a month', '2026-12-01', '2026-11-28', '28 today, 29, 30, 01 due, 02'],
  ['four days to go', '2026-11-19', '2026-11-15', '15 today, (2), 18, 19 due, 20'],
  ['a day late', '2026-11-19', '2026-11-20', '18, 19 due, 20 today, 21, 22'],
  ['nine days late', '2026-11-19', '2026-11-28', '18, 19 due, 20, (7), 28 today'],
])('%s', (_, due, today, expected) => {
  expect(said(dueDays(due, today))).toBe(expected);
});

test('however far apart, both days are there once and every other day is drawn or counted', () => {
  fc.assert(
    fc.property(fc.integer({ min: -400, max: 400 }), (ahead) => {
      const today = '2026-11-17';
      const days = dueDays(addDays(today, ahead), today);
      const drawn = days.flatMap((day) => (day.kind === 'day' ? [day] : []));
      expect(days).toHaveLength(5);
      expect(drawn.filter((day) => day.today)).toHaveLength(1);
      expect(drawn.filter((day) => day.due)).toHaveLength(1);
      const gap = days.reduce((sum, day) => sum + (day.kind === 'gap' ? day.days : 0), 0);
      const span = (Date.parse(drawn.at(-1)!.date) - Date.parse(drawn[0]!.date)) / 86_400_000 + 1;
      expect(drawn.length + gap).toBe(span);
    }),
  );
});
