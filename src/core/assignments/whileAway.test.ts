import { expect, test } from 'vitest';
import { whileAway } from './whileAway';

const DAYS = {
  year: { terms: [], holidays: [], schoolDays: [1, 2, 3, 4, 5] },
  timeZone: 'Europe/Lisbon',
  away: { dates: 'move', days: 2 },
} as const;
const AWAY = [{ from: '2026-11-16', to: '2026-11-20' }];
const due = (at: string) => ({ dueAt: new Date(at), growing: null });

test('a due time moves to the same time of day', () => {
  expect(whileAway(due('2026-11-19T16:00:00Z'), AWAY, DAYS)).toEqual({
    ...{ dueAt: new Date('2026-11-24T16:00:00Z'), growing: null, excused: false },
  });
});

test('the day is the class’s day, and the clock is that of its place on that day', () => {
  const lastMinute = due('2026-11-20T23:59:00Z');
  expect(whileAway(lastMinute, AWAY, { ...DAYS, timeZone: 'Asia/Tokyo' }).dueAt).toBe(lastMinute.dueAt);
  // Clocks go forward on 28 March.
  const spring = whileAway(due('2027-03-26T16:00:00Z'), [{ from: '2027-03-26', to: '2027-03-26' }], DAYS);
  expect(spring.dueAt).toEqual(new Date('2027-03-30T15:00:00Z'));
});

test('steps of a growing post move each for itself', () => {
  const growing = {
    startBy: '2026-11-17T08:00',
    milestones: [
      { by: '2026-11-20T16:00', entries: 3 },
      { by: '2026-12-04T16:00', entries: 6 },
    ],
  };
  expect(whileAway({ dueAt: null, growing }, AWAY, DAYS).growing).toEqual({
    startBy: '2026-11-24T08:00',
    milestones: [
      { by: '2026-11-24T16:00', entries: 3 },
      { by: '2026-12-04T16:00', entries: 6 },
    ],
  });
});

test('where the class excuses, nothing moves and what is due then is not asked', () => {
  const excusing = { ...DAYS, away: { dates: 'excuse', days: 2 } } as const;
  const asked = due('2026-11-19T16:00:00Z');
  expect(whileAway(asked, AWAY, excusing)).toEqual({ ...asked, excused: true });
  const later = due('2026-11-26T16:00:00Z');
  expect(whileAway(later, AWAY, excusing)).toEqual({ ...later, excused: false });
  expect(whileAway({ dueAt: null, growing: null }, AWAY, excusing).excused).toBe(false);
});
