import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { addDays } from '../timing/zonedTime';
import { absenceOn, movedDay } from './absences';
import { holdsDay, isSchoolDay, type SchoolYear } from './schoolYear';

const YEAR: SchoolYear = {
  terms: [],
  holidays: [{ name: 'Winter', from: '2026-12-21', to: '2027-01-04' }],
  schoolDays: [1, 2, 3, 4, 5],
};
const WEEK = { from: '2026-11-16', to: '2026-11-20' };

describe('a date while somebody is away', () => {
  test.each([
    ['stays where they are there', '2026-11-13', [WEEK], 3, '2026-11-13'],
    ['moves past the weekend', '2026-11-19', [WEEK], 1, '2026-11-23'],
    ['by as many days of school as the class has it', '2026-11-16', [WEEK], 3, '2026-11-25'],
    ['the last day is one of them', '2026-11-20', [WEEK], 1, '2026-11-23'],
    ['the day after is none', '2026-11-21', [WEEK], 1, '2026-11-21'],
    [
      'once more where they are away again',
      '2026-11-19',
      [WEEK, { from: '2026-11-23', to: '2026-11-24' }],
      1,
      '2026-11-25',
    ],
    ['over the holidays', '2026-12-18', [{ from: '2026-12-17', to: '2026-12-18' }], 2, '2027-01-06'],
  ])('%s', (_, day, absences, days, moved) => {
    expect(movedDay(day, absences, days, YEAR)).toBe(moved);
  });

  test('of several the one that lasts longest says until when', () => {
    const long = { from: '2026-11-10', to: '2026-12-01' };
    expect(absenceOn([WEEK, long], '2026-11-17')).toBe(long);
    expect(absenceOn([WEEK, long], '2026-12-02')).toBeNull();
    expect(absenceOn([WEEK], null)).toBeNull();
  });

  test('whatever the absences, it ends on a day of school on which they are there, and never earlier', () => {
    const offset = fc.integer({ min: 0, max: 200 });
    const absence = fc
      .tuple(offset, fc.integer({ min: 0, max: 40 }))
      .map(([from, days]) => ({ from: addDays('2026-09-01', from), to: addDays('2026-09-01', from + days) }));
    fc.assert(
      fc.property(
        fc.array(absence, { maxLength: 12 }),
        offset,
        fc.integer({ min: 1, max: 20 }),
        (absences, at, days) => {
          const day = addDays('2026-09-01', at);
          const moved = movedDay(day, absences, days, YEAR);
          expect(absences.some((one) => holdsDay(one, moved))).toBe(false);
          if (moved === day) return;
          expect(moved > day).toBe(true);
          expect(isSchoolDay(moved, YEAR)).toBe(true);
        },
      ),
    );
  });
});
