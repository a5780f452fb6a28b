import fc from 'fast-check';
import { expect, test } from 'vitest';
import { addDays, instantOf, localDate, localMinute, weekday } from './zonedTime';

const MINUTE = 60_000;
/** Zones that change their clocks in spring, in autumn, by half an hour, by a whole day, or never. */
const ZONES = [
  'Europe/Dublin',
  'America/New_York',
  'Australia/Lord_Howe',
  'Pacific/Apia',
  'Asia/Kathmandu',
  'Africa/Casablanca',
  'UTC',
];
const zones = fc.constantFrom(...ZONES);
const instants = fc
  .integer({ min: Date.UTC(2005, 0, 1) / MINUTE, max: Date.UTC(2040, 0, 1) / MINUTE })
  .map((minutes) => minutes * MINUTE);

test('what a clock has shown is an instant at which it shows that, and the first of them', () => {
  fc.assert(
    fc.property(instants, zones, (instant, zone) => {
      const shown = localMinute(instant, zone);
      const at = instantOf(shown, zone);
      expect([zone, localMinute(at, zone)]).toEqual([zone, shown]);
      expect(at).toBeLessThanOrEqual(instant);
      expect(localDate(at, zone)).toBe(shown.slice(0, 10));
    }),
    { numRuns: 2000 },
  );
});

test('what no clock has shown lies behind the gap', () => {
  expect(localMinute(instantOf('2026-03-29T01:30', 'Europe/Dublin'), 'Europe/Dublin')).toBe(
    '2026-03-29T02:30',
  );
  expect(localMinute(instantOf('2026-10-04T02:10', 'Australia/Lord_Howe'), 'Australia/Lord_Howe')).toBe(
    '2026-10-04T02:40',
  );
});

test('days are counted without clocks', () => {
  fc.assert(
    fc.property(instants, fc.integer({ min: -4000, max: 4000 }), (instant, days) => {
      const date = localDate(instant, 'UTC');
      const later = addDays(date, days);
      expect(addDays(later, -days)).toBe(date);
      expect((((weekday(later) - weekday(date) - days) % 7) + 7) % 7).toBe(0);
    }),
  );
});
