import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { daysLate } from './daysLate';
import { grade } from './grade';
import type { GradeInput, LateRule } from './gradeInput';

const input = (part: Partial<GradeInput>): GradeInput => ({
  requirements: [{ earned: 4, possible: 4, weight: 'required' }],
  rubric: [{ id: 'c', levels: [0, 2, 6], chosen: 1 }],
  due: '2026-11-19T16:00',
  timeZone: 'Europe/Dublin',
  handIns: ['2026-11-19T12:00:00Z'],
  ...part,
});

describe('daysLate', () => {
  const days = (handIn: string, rule: Partial<LateRule> = {}, due = '2026-11-19T16:00') =>
    daysLate(Date.parse(handIn), due, 'Europe/Dublin', { kind: 'points', ...rule });
  test.each([
    ['2026-11-19T16:00:59Z', {}, 0],
    ['2026-11-19T16:01:00Z', {}, 1],
    ['2026-11-19T16:15:30Z', { graceMinutes: 15 }, 0],
    ['2026-11-20T00:00:00Z', {}, 1],
    ['2026-11-23T09:00:00Z', {}, 4],
    ['2026-11-23T09:00:00Z', { schoolDaysOnly: true }, 2],
    ['2026-11-23T09:00:00Z', { schoolDaysOnly: true, holidays: ['2026-11-20', '2026-11-23'] }, 1],
  ])('%s with %j is %i days late', (handIn, rule, expected) => {
    expect(days(handIn, rule)).toBe(expected);
  });

  test('a due time inside the gap of a clock change moves forward by the gap, of two the first counts', () => {
    expect(days('2026-03-29T01:30:59Z', {}, '2026-03-29T01:30')).toBe(0);
    expect(days('2026-03-29T01:31:00Z', {}, '2026-03-29T01:30')).toBe(1);
    expect(days('2026-03-29T01:00:30Z', {}, '2026-03-29T01:00')).toBe(0);
    expect(days('2026-10-25T00:30:00Z', {}, '2026-10-25T01:30')).toBe(0);
    expect(days('2026-10-25T01:30:00Z', {}, '2026-10-25T01:30')).toBe(1);
  });
});

describe('grade', () => {
  test('adds requirements and rubric', () => {
    expect(grade(input({}))).toMatchObject({ grade: 6, possible: 10, provisional: false, daysLate: 0 });
  });

  test.each([
    [
      'a criterion counts by its weight',
      { rubric: [{ id: 'c', weight: 2, levels: [0, 2, 6], chosen: 1 }] },
      8,
      16,
    ],
    ['an unjudged one earns nothing', { rubric: [{ id: 'c', levels: [0, 6], chosen: null }] }, 4, 10],
    [
      'a bonus comes on top',
      {
        requirements: [
          { earned: 4, possible: 4, weight: 'required' as const },
          { earned: 3, possible: 3, weight: 'bonus' as const },
        ],
      },
      9,
      10,
    ],
    [
      'a bonus is capped',
      {
        bonusCap: 1,
        requirements: [
          { earned: 4, possible: 4, weight: 'required' as const },
          { earned: 3, possible: 3, weight: 'bonus' as const },
        ],
      },
      7,
      10,
    ],
    [
      'halves round up in decimal arithmetic',
      { requirements: [{ earned: 0.675, possible: 4, weight: 'required' as const }], rounding: 0.01 },
      2.68,
      10,
    ],
    [
      'lateness takes points',
      { late: { kind: 'points' as const, perDay: 1.5 }, handIns: ['2026-11-21T12:00:00Z'] },
      3,
      10,
    ],
    [
      'lateness takes per cent of what was earned',
      { late: { kind: 'percent' as const, perDay: 10 }, handIns: ['2026-11-21T12:00:00Z'] },
      4.8,
      10,
    ],
    [
      'a floor stops it',
      { late: { kind: 'points' as const, perDay: 9, floorPercent: 50 }, handIns: ['2026-11-21T12:00:00Z'] },
      5,
      10,
    ],
    [
      'a floor never raises',
      {
        rubric: [],
        requirements: [{ earned: 1, possible: 4, weight: 'required' as const }],
        late: { kind: 'points' as const, perDay: 9, floorPercent: 50 },
        handIns: ['2026-11-21T12:00:00Z'],
      },
      1,
      4,
    ],
    [
      'after the last day it is worth nothing',
      { late: { kind: 'points' as const, perDay: 0, lastDays: 1 }, handIns: ['2026-11-21T12:00:00Z'] },
      0,
      10,
    ],
    [
      'an extension moves the due time',
      {
        extension: '2026-11-21T16:00',
        late: { kind: 'points' as const, perDay: 9 },
        handIns: ['2026-11-21T12:00:00Z'],
      },
      6,
      10,
    ],
    ['without a hand-in it is 0', { handIns: [] }, 0, 10],
    ['a teacher’s own figure replaces it', { override: { grade: 9.5, reason: 'spoken' } }, 9.5, 10],
  ])('%s', (_, part, expected, possible) => {
    expect(grade(input(part))).toMatchObject({ grade: expected, possible });
  });

  test('is provisional while something is not known', () => {
    expect(grade(input({ handIns: [] })).provisional).toBe(true);
    expect(grade(input({ rubric: [{ id: 'c', levels: [1], chosen: null }] })).provisional).toBe(true);
    expect(
      grade(input({ requirements: [{ earned: 0, possible: 1, weight: 'required', unknown: true }] }))
        .provisional,
    ).toBe(true);
  });

  test('all that could be earned is never rounded away', () => {
    const full = input({ rounding: 1, rubric: [{ id: 'c', levels: [0.5], chosen: 0 }] });
    expect(grade(full).grade).toBe(4.5);
  });

  test.each([
    ['rubric', { rubric: [{ id: 'c', levels: [1], chosen: 1 }] }],
    ['accepted', { accepted: 3 }],
    ['extension', { extension: '2026-11-18T16:00' }],
  ])('refuses what cannot be: %s', (field, part) => {
    expect(() => grade(input(part))).toThrow(new RegExp(`^${field}:`));
  });

  test('stays between 0 and possible + bonus, whatever is put in', () => {
    const points = fc.integer({ min: 0, max: 400 }).map((quarters) => quarters / 4);
    fc.assert(
      fc.property(
        points,
        points,
        points,
        fc.integer({ min: 0, max: 30 }),
        fc.constantFrom('points', 'percent', 'none'),
        fc.constantFrom(1, 0.5, 0.1, 0.01),
        (a, b, perDay, day, kind, rounding) => {
          const result = grade(
            input({
              requirements: [
                { earned: Math.min(a, b), possible: b, weight: 'required' },
                { earned: 2, possible: 2, weight: 'bonus' },
              ],
              late: { kind, perDay },
              handIns: [new Date(Date.UTC(2026, 10, 19 + day, 12)).toISOString()],
              rounding,
            }),
          );
          expect(result.grade).toBeGreaterThanOrEqual(0);
          expect(result.grade).toBeLessThanOrEqual(result.possible + result.bonus);
        },
      ),
    );
  });
});
