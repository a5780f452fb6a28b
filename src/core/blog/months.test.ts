import { expect, test } from 'vitest';
import { maybeMonth, monthOf, monthsUpTo, postsPerPicket } from './months';

test('a month as it stands in an address', () => {
  expect(maybeMonth('2026-12')).toEqual({ month: '2026-12', from: '2026-12-01', until: '2027-01-01' });
  expect(maybeMonth('2024-02')?.until).toBe('2024-03-01');
  for (const text of ['2026-13', '2026-00', '2026-1', '2026-11-01', 'x', '', '0001-01', '２０２６-11'])
    expect(maybeMonth(text)).toBeNull();
});

test('months in their order, the latest where there are too many', () => {
  const months = monthsUpTo('2026-09-30', '2026-11-29', 12);
  expect(months.map(({ month }) => month)).toEqual(['2026-09', '2026-10', '2026-11']);
  expect(monthsUpTo('2020-01-01', '2026-11-29', 2).map(({ month }) => month)).toEqual(['2026-10', '2026-11']);
  expect(monthsUpTo('2026-11-29', '2026-11-29', 12)).toHaveLength(1);
});

test('a part begins with the month and with each Monday in it', () => {
  const [november] = monthsUpTo('2026-11-01', '2026-11-30', 1);
  expect(november?.parts).toEqual([
    '2026-11-01',
    '2026-11-02',
    '2026-11-09',
    '2026-11-16',
    '2026-11-23',
    '2026-11-30',
  ]);
  const [june] = monthsUpTo('2026-06-10', '2026-06-10', 1);
  expect(june?.parts).toEqual(['2026-06-01', '2026-06-08', '2026-06-15', '2026-06-22', '2026-06-29']);
  expect(monthOf('2026-06-10').until).toBe('2026-07-01');
});

test('where there are many posts a picket stands for several', () => {
  expect([[], [0], [6, 2], [7], [30], [301]].map(postsPerPicket)).toEqual([1, 1, 1, 2, 5, 51]);
});
