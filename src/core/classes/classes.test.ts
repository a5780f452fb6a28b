import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { addressProblem, asAddress, suggestAddresses } from './classAddress';
import { dayOff, holidayDates, isSchoolDay, wrongSpan, type SchoolYear } from './schoolYear';

describe('a class blog’s address', () => {
  test.each([
    ['wind', null],
    ['wind-weather-8b', null],
    ['8b', null],
    ['w', 'tooShort'],
    ['w'.repeat(41), 'tooLong'],
    ['Wind', 'signs'],
    ['wind weather', 'signs'],
    ['wínd', 'signs'],
    ['../wind', 'signs'],
    ['-wind', 'ends'],
    ['wind-', 'ends'],
    ['wind--8b', 'ends'],
  ])('%s: %s', (address, problem) => {
    expect(addressProblem(address)).toBe(problem);
  });

  test.each([
    ['Wind & Weather', 'wind-weather'],
    ['Über Moose', 'uber-moose'],
    ['  --  ', ''],
    ['風と天気', ''],
  ])('made of “%s” is %j', (text, address) => {
    expect(asAddress(text)).toBe(address);
  });

  test('free ones are suggested, whatever the class is called', () => {
    const wished = { title: 'Wind & Weather', groupName: '8B', year: 2026 };
    expect(suggestAddresses(wished, new Set())).toEqual([
      'wind-weather',
      'wind-weather-8b',
      'wind-weather-2026',
    ]);
    expect(suggestAddresses(wished, new Set(['wind-weather', 'wind-weather-8b']))).toEqual([
      'wind-weather-2026',
      'wind-weather-2',
    ]);
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), fc.string(), (title, groupName) => {
        const found = suggestAddresses({ title, groupName, year: 2026 }, new Set(['class']));
        expect(found.length).toBeGreaterThan(0);
        for (const address of found) expect([address, addressProblem(address)]).toEqual([address, null]);
      }),
    );
  });
});

describe('a school year', () => {
  const year: SchoolYear = {
    terms: [{ name: 'Autumn', from: '2026-09-01', to: '2026-12-18' }],
    holidays: [{ name: 'Mid-term', from: '2026-10-26', to: '2026-10-30' }],
    schoolDays: [1, 2, 3, 4, 5],
  };
  test.each([
    ['2026-09-01', true],
    ['2026-09-05', false],
    ['2026-10-26', false],
    ['2026-10-30', false],
    ['2026-11-02', true],
    ['2026-12-19', false],
    ['2027-01-11', false],
  ])('school on %s: %s', (date, school) => {
    expect(isSchoolDay(date, year)).toBe(school);
  });

  test.each([
    ['2026-10-26', 'Mid-term'],
    ['2026-12-21', ''],
    ['2026-11-02', null],
    ['2026-10-31', null],
  ])('what keeps %s free of school: %j', (date, why) => {
    expect(dayOff(date, year)).toBe(why);
  });

  test('without terms every day of school counts', () => {
    expect(isSchoolDay('2027-01-11', { ...year, terms: [] })).toBe(true);
  });

  test('lists the days of its holidays once each', () => {
    const holidays = [...year.holidays, { name: 'Bank holiday', from: '2026-10-26', to: '2026-10-26' }];
    expect(holidayDates({ holidays })).toEqual([
      '2026-10-26',
      '2026-10-27',
      '2026-10-28',
      '2026-10-29',
      '2026-10-30',
    ]);
  });

  test('names what ends before it begins', () => {
    expect(wrongSpan(year)).toBeNull();
    expect(wrongSpan({ ...year, holidays: [{ name: '', from: '2026-10-30', to: '2026-10-26' }] })).toBe(
      'holidays.0',
    );
  });
});
