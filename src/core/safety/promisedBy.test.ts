import fc from 'fast-check';
import { expect, test } from 'vitest';
import { localMinute, weekday } from '../timing/zonedTime';
import { promisedBy } from './promisedBy';

const by = (told: string, minutes = 15 * 60, zone = 'Europe/Dublin') =>
  localMinute(promisedBy(Date.parse(told), minutes, zone), zone);

test.each([
  // A Tuesday in winter: the clock of Dublin is UTC.
  ['2026-12-01T09:40:00Z', '2026-12-01T15:00'],
  ['2026-12-01T14:00:00Z', '2026-12-01T15:00'],
  ['2026-12-01T14:00:00.001Z', '2026-12-02T15:00'],
  ['2026-12-01T22:10:00Z', '2026-12-02T15:00'],
  // Friday afternoon, Saturday, Sunday night.
  ['2026-12-04T16:00:00Z', '2026-12-07T15:00'],
  ['2026-12-05T09:00:00Z', '2026-12-07T15:00'],
  ['2026-12-06T23:59:00Z', '2026-12-07T15:00'],
])('told at %s it is promised by %s', (told, promised) => {
  expect(by(told)).toBe(promised);
});

test('the class’s own clock counts, also on the day when it is put forward', () => {
  expect(by('2026-12-01T20:00:00Z', 8 * 60, 'Pacific/Auckland')).toBe('2026-12-03T08:00');
  expect(by('2027-03-27T12:00:00Z', 15 * 60, 'Europe/Dublin')).toBe('2027-03-29T15:00');
});

test('it is always an hour ahead at least, three days and a bit at most, and never at a weekend', () => {
  const zones = fc.constantFrom('UTC', 'Europe/Dublin', 'Asia/Kathmandu', 'America/St_Johns', 'Pacific/Apia');
  fc.assert(
    fc.property(
      fc.integer({ min: Date.UTC(2025, 0), max: Date.UTC(2029, 0) }),
      fc.integer({ min: 480, max: 1080 }),
      zones,
      (told, minutes, zone) => {
        const at = promisedBy(told, minutes, zone);
        const ahead = (at - told) / 3_600_000;
        expect(ahead).toBeGreaterThanOrEqual(1);
        expect(ahead).toBeLessThanOrEqual(3 * 24 + 2);
        expect(weekday(localMinute(at, zone).slice(0, 10))).toBeLessThanOrEqual(5);
      },
    ),
  );
});
