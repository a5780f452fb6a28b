import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { atLeast, known, ofEach, targetOf, withinLimits } from './condition';

describe('withinLimits', () => {
  test.each([
    ['nothing is asked', {}, 3, {}, { share: 1, best: 1, over: false }],
    ['below the least', { min: 4 }, 1, {}, { share: 0.25, best: 0.25, over: false }],
    ['at the least', { min: 4 }, 4, {}, { share: 1, best: 1, over: false }],
    ['above the most', { max: 4 }, 5, {}, { share: 0.8, best: 0.8, over: true }],
    ['nothing where nothing may be', { max: 0 }, 0, {}, { share: 1, best: 1, over: false }],
    ['something where nothing may be', { max: 0 }, 2, {}, { share: 0, best: 0, over: true }],
    ['a least of nothing', { min: 0 }, 0, {}, { share: 1, best: 1, over: false }],
    [
      'the most limits all, the least those that count',
      { min: 3, max: 3 },
      1,
      { all: 3 },
      { share: 1 / 3, best: 1 / 3, over: false },
    ],
    [
      'where both fail the smaller holds',
      { min: 4, max: 5 },
      1,
      { all: 10 },
      { share: 0.25, best: 0.25, over: true },
    ],
    [
      'where both fail the smaller holds, the other way',
      { min: 4, max: 1 },
      3,
      { all: 10 },
      { share: 0.1, best: 0.1, over: true },
    ],
    [
      'what is not known yet could still count',
      { min: 2 },
      0,
      { best: 2, all: 2 },
      { share: 0, best: 1, over: false },
    ],
    ['a tolerance forgives below', { min: 100 }, 95, { tolerance: 5 }, { share: 1, best: 1, over: false }],
    [
      'but no more than it says',
      { min: 100 },
      94,
      { tolerance: 5 },
      { share: 0.94, best: 0.94, over: false },
    ],
    ['a tolerance forgives above', { max: 100 }, 105, { tolerance: 5 }, { share: 1, best: 1, over: false }],
    [
      'and no more there either',
      { max: 100 },
      106,
      { tolerance: 5 },
      { share: 100 / 106, best: 100 / 106, over: true },
    ],
  ])('%s', (_, limits, counting, options, condition) => {
    expect(withinLimits(limits, counting, options)).toEqual(condition);
  });

  test('a share is always from 0 to 1, and over only beyond the most', () => {
    const count = fc.nat(50);
    fc.assert(
      fc.property(
        fc.option(count, { nil: undefined }),
        fc.option(count, { nil: undefined }),
        count,
        count,
        (min, max, counting, more) => {
          const limits = { ...(min === undefined ? {} : { min }), ...(max === undefined ? {} : { max }) };
          const { share, over } = withinLimits(limits, counting, { all: counting + more });
          expect(share).toBeGreaterThanOrEqual(0);
          expect(share).toBeLessThanOrEqual(1);
          expect(over).toBe(max !== undefined && counting + more > max);
        },
      ),
    );
  });

  test('more never makes a least worse', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 50 }), fc.nat(60), (min, counting) => {
        expect(withinLimits({ min }, counting + 1).share).toBeGreaterThanOrEqual(
          withinLimits({ min }, counting).share,
        );
      }),
    );
  });
});

test('of each: those that fulfil it by all, and nothing fulfils nothing', () => {
  expect(ofEach(1, 4)).toEqual({ share: 0.25, best: 0.25, over: false });
  expect(ofEach(1, 4, 3)).toEqual({ share: 0.25, best: 0.75, over: false });
  expect(ofEach(0, 0)).toEqual({ share: 0, best: 0, over: false });
});

test('at least: like a minimum', () => {
  expect(atLeast(2, 1, 2)).toEqual({ share: 0.5, best: 1, over: false });
  expect(atLeast(2, 5)).toEqual({ share: 1, best: 1, over: false });
  expect(known(0.5)).toEqual({ share: 0.5, best: 0.5, over: false });
});

test('a target shows the limits that are set, and no others', () => {
  expect(targetOf({})).toEqual({});
  expect(targetOf({ min: 0 })).toEqual({ min: 0 });
  expect(targetOf({ min: 1, max: 2 })).toEqual({ min: 1, max: 2 });
});
