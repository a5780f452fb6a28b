import { expect, test } from 'vitest';
import { endOfLastDay, lastDayOf, MOST_DAYS } from './lastDay';

const ZONE = 'Europe/Berlin';
const NOW = new Date('2026-11-23T22:30:00Z'); // 23.30 of the 23rd in Berlin

test('a last day counts to its midnight where the class is', () => {
  expect(endOfLastDay('2026-11-27', NOW, ZONE)).toEqual({
    ok: true,
    until: new Date('2026-11-27T23:00:00Z'),
  });
});

test('today can be the last day, yesterday cannot', () => {
  expect(endOfLastDay('2026-11-23', NOW, ZONE)).toEqual({
    ok: true,
    until: new Date('2026-11-23T23:00:00Z'),
  });
  expect(endOfLastDay('2026-11-22', NOW, ZONE)).toEqual({ ok: false, problem: 'over' });
});

test('a day of a clock change ends at its own midnight, and is found again', () => {
  const end = endOfLastDay('2027-03-28', NOW, ZONE);
  expect(end).toEqual({ ok: true, until: new Date('2027-03-28T22:00:00Z') });
  expect(end.ok && lastDayOf(end.until, ZONE)).toBe('2027-03-28');
});

test(`nobody is let in for more than ${String(MOST_DAYS)} days`, () => {
  expect(endOfLastDay('2027-05-25', NOW, ZONE).ok).toBe(true);
  expect(endOfLastDay('2027-05-26', NOW, ZONE)).toEqual({ ok: false, problem: 'tooFar' });
});
