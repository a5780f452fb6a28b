import { expect, test } from 'vitest';
import { nextSchoolDay, overlappingTerm, type SchoolYear } from './schoolYear';

const term = (from: string, to: string) => ({ name: '', from, to });
const YEAR: SchoolYear = {
  terms: [term('2026-09-01', '2026-12-18'), term('2027-01-07', '2027-03-25')],
  holidays: [term('2026-10-26', '2026-10-30')],
  schoolDays: [1, 2, 3, 4, 5],
};

test.each([
  ['2026-11-17', '2026-11-17'],
  ['2026-11-21', '2026-11-23'],
  ['2026-10-24', '2026-11-02'],
  ['2026-12-19', '2027-01-07'],
  ['2027-03-26', '2027-03-26'],
])('from %s on, %s is the next day with school', (from, day) => {
  expect(nextSchoolDay(from, YEAR)).toBe(day);
});

test.each([
  [YEAR.terms, null],
  [[...YEAR.terms, term('2026-12-18', '2026-12-20')], 'terms.2'],
  [[term('2026-09-01', '2027-07-01'), term('2026-10-01', '2026-10-02')], 'terms.1'],
  [[], null],
])('%j overlap at %s', (terms, at) => {
  expect(overlappingTerm({ ...YEAR, terms })).toBe(at);
});
