import { describe, expect, test } from 'vitest';
import { agoInWords, daysBetween, momentInWords, monthInWords, shortDay, timeInWords } from './inWords';
import { addDays, instantOf, isTimeZone, localDate, localMinute, weekday } from './zonedTime';

const DUBLIN = 'Europe/Dublin';

describe('moments in words', () => {
  test.each([
    ['2026-11-19T16:00:00Z', 'Thursday 19 November, 4 pm'],
    ['2026-11-19T14:47:00Z', 'Thursday 19 November, 2.47 pm'],
    ['2026-11-19T12:06:00Z', 'Thursday 19 November, 12.06 pm'],
    ['2026-07-01T23:30:00Z', 'Thursday 2 July, 12.30 am'],
  ])('%s is %s', (instant, words) => {
    expect(momentInWords(Date.parse(instant), DUBLIN, 'en-GB')).toBe(words.replace(/ ([ap]m)/, '\u00A0$1'));
  });

  test('a clock of twenty-four hours where the language has one', () => {
    const at = (locale: string) => timeInWords(Date.parse('2026-11-19T15:05:00Z'), 'Europe/Berlin', locale);
    expect([at('de'), at('de-AT'), at('fr')]).toEqual(['16:05\u00A0Uhr', '16:05\u00A0Uhr', '16:05']);
  });
});

test.each([
  ['2026-11-19T13:20:00Z', 'today, 1.20\u00A0pm'],
  ['2026-11-18T23:50:00Z', 'yesterday'],
  ['2026-11-15T12:00:00Z', 'Sunday'],
  ['2026-11-12T12:00:00Z', '12 November'],
])('what was at %s is remembered as %s', (instant, words) => {
  expect(agoInWords(Date.parse(instant), Date.parse('2026-11-19T16:00:00Z'), DUBLIN, 'en-GB')).toBe(words);
});

test('a local date’s month is the same wherever one is', () => {
  expect(monthInWords('2027-07-31', 'en-GB')).toBe('July 2027');
  expect(shortDay('2026-11-10', 'en-GB', { month: true })).toBe('Tue 10 Nov');
  expect(shortDay('2026-11-11', 'en-GB', { month: false })).toBe('Wed 11');
  expect(shortDay('2026-11-11', 'de-DE', { month: false })).toBe('Mi., 11.');
});

describe('local time', () => {
  test('goes to an instant and back, on both sides of a clock change', () => {
    for (const local of ['2026-03-28T12:00', '2026-03-29T12:00', '2026-10-24T12:00', '2026-10-25T12:00'])
      expect(localMinute(instantOf(local, DUBLIN), DUBLIN)).toBe(local);
  });

  test('inside the gap moves forward by it; of two the first counts', () => {
    expect(new Date(instantOf('2026-03-29T01:30', DUBLIN)).toISOString()).toBe('2026-03-29T01:30:00.000Z');
    expect(new Date(instantOf('2026-10-25T01:30', DUBLIN)).toISOString()).toBe('2026-10-25T00:30:00.000Z');
  });

  test('dates are counted on the calendar', () => {
    expect(localDate(Date.parse('2026-07-01T23:30:00Z'), DUBLIN)).toBe('2026-07-02');
    expect(addDays('2026-12-31', 1)).toBe('2027-01-01');
    expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2);
    expect([weekday('2026-11-16'), weekday('2026-11-22')]).toEqual([1, 7]);
  });

  test('what is no local time is a mistake of the caller', () => {
    expect(() => instantOf('soon', DUBLIN)).toThrow(RangeError);
    expect([isTimeZone(DUBLIN), isTimeZone('Mars/One'), isTimeZone('')]).toEqual([true, false, false]);
  });
});
