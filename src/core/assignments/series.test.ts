import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { SchoolYear } from '../classes/schoolYear';
import { addDays, weekday } from '../timing/zonedTime';
import type { AssignmentSettings } from './assignmentSettings';
import { instructionsFrom } from './lessonText';
import { calendarWeek, filledIn, nameOfSeries, seriesDates, wrongSeries, type SeriesRule } from './series';

const YEAR: SchoolYear = {
  terms: [],
  holidays: [{ name: 'Autumn break', from: '2026-10-26', to: '2026-10-30' }],
  schoolDays: [1, 2, 3, 4, 5],
};
const RULE: SeriesRule = {
  first: '2026-10-12',
  last: '2026-11-16',
  weekdays: [1],
  every: 1,
  except: [],
  time: '16:00',
  opensBefore: 4,
  weeks: 'counted',
};
const dates = (more: Partial<SeriesRule>, year = YEAR) =>
  seriesDates({ ...RULE, ...more }, year)
    .dates.map(({ date, week }) => `${date.slice(5)}:${week}`)
    .join(' ');

test.each<[string, Partial<SeriesRule>, string]>([
  ['Mondays, the holidays passed over and not counted', {}, '10-12:1 10-19:2 11-02:3 11-09:4 11-16:5'],
  ['by the week of the year', { weeks: 'calendar' }, '10-12:42 10-19:43 11-02:45 11-09:46 11-16:47'],
  ['one left out', { except: ['2026-11-02'] }, '10-12:1 10-19:2 11-09:3 11-16:4'],
  ['every second week', { every: 2 }, '10-12:1 11-09:2'],
  ['two days of each week', { weekdays: [1, 3], last: '2026-10-25' }, '10-12:1 10-14:1 10-19:2 10-21:2'],
  [
    'beginning in the middle of a week',
    { first: '2026-10-14', weekdays: [1, 5], every: 2, last: '2026-11-15' },
    '10-16:1 11-09:2 11-13:2',
  ],
  ['on days without school', { weekdays: [6] }, ''],
  ['a single day', { last: '2026-10-12' }, '10-12:1'],
])('%s', (_, more, expected) => {
  expect(dates(more)).toBe(expected);
});

test('says what was passed over, and why', () => {
  expect(seriesDates({ ...RULE, except: ['2026-11-02'] }, YEAR).passedOver).toEqual([
    { date: '2026-10-26', off: 'Autumn break' },
    { date: '2026-11-02', off: null },
  ]);
  const [first] = seriesDates(RULE, YEAR).dates;
  expect(first).toEqual({ date: '2026-10-12', week: 1, due: '2026-10-12T16:00', opens: '2026-10-08' });
});

test.each([
  ['Week {week}: {date}', 'Week'],
  ['{date} – Sky log', 'Sky log'],
  ['Sky log ({date})', 'Sky log'],
  ['Week {week}: what the shore says', 'Week: what the shore says'],
  ['Notes', 'Notes'],
  ['“Why?”', '“Why?”'],
  ['{date}', '{date}'],
])('a series %s is called %s', (title, name) => {
  expect(nameOfSeries(title)).toBe(name);
});

describe('the week of the year', () => {
  test.each([
    ['2026-01-01', 1],
    ['2025-12-29', 1],
    ['2027-01-03', 53],
    ['2027-01-04', 1],
    ['2024-12-30', 1],
    ['2021-01-03', 53],
    ['2026-11-26', 48],
  ])('of %s is %i', (day, week) => {
    expect(calendarWeek(day)).toBe(week);
  });
});

test('whatever the rule, dates rise, are wanted days of school, and none is among the exceptions', () => {
  const day = fc.integer({ min: 0, max: 300 }).map((days) => addDays('2026-08-01', days));
  fc.assert(
    fc.property(
      fc.record({
        first: day,
        length: fc.integer({ min: 0, max: 200 }),
        weekdays: fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { minLength: 1 }),
        every: fc.integer({ min: 1, max: 8 }),
        except: fc.array(day),
      }),
      ({ length, ...more }) => {
        const rule = { ...RULE, ...more, last: addDays(more.first, length) };
        const found = seriesDates(rule, YEAR).dates.map((one) => one.date);
        expect(found).toEqual([...new Set(found)].sort());
        for (const one of found) {
          expect(rule.weekdays).toContain(weekday(one));
          expect(rule.except).not.toContain(one);
          expect(YEAR.schoolDays).toContain(weekday(one));
          expect(one >= '2026-10-26' && one <= '2026-10-30').toBe(false);
        }
      },
    ),
  );
});

test('fills in the week and the day where students read them, and leaves the requirements alone', () => {
  const settings = {
    title: 'Week {week}: the sky of {date}',
    instructions: instructionsFrom('Look on {date}.\n{nothing}'),
    outline: ['Week {week}'],
    model: { title: '{date}', body: instructionsFrom('{week}') },
    requirements: [{ id: 'a', kind: 'title', weight: 'required', startsWith: 'Week {week}' }],
  } as unknown as AssignmentSettings;
  const filling = { date: '2026-10-12', week: 3, language: 'en-GB' };
  expect(filledIn(settings, filling)).toEqual({
    ...settings,
    title: 'Week 3: the sky of 12 October',
    instructions: instructionsFrom('Look on 12 October.\n{nothing}'),
    outline: ['Week 3'],
    model: { title: '12 October', body: instructionsFrom('3') },
  });
  expect(filledIn(settings, { ...filling, language: 'de-DE' }).title).toBe('Week 3: the sky of 12. Oktober');
});

test.each([
  [{}, null],
  [{ last: '2026-10-11' }, { field: 'series.last', fault: 'order' }],
  [{ last: '9999-12-31' }, { field: 'series.last', fault: 'long' }],
])('a rule that cannot stand: %j', (more, wrong) => {
  expect(wrongSeries({ ...RULE, ...more })).toEqual(wrong);
});
