import { expect, test } from 'vitest';
import type { Requirement } from '../requirements/requirement';
import { adjusted } from './adjustment';

const requirement = (id: string, more: object = {}): Requirement => ({
  id,
  kind: 'words',
  weight: 'required',
  ...more,
});
const ALL = [requirement('a', { min: 100, max: 200 }), requirement('b', { min: 3 }), requirement('c')];

test.each<[string, Parameters<typeof adjusted>[1], readonly object[]]>([
  ['nothing', { leftOut: [], limits: {} }, ALL],
  ['one left out', { leftOut: ['b'], limits: {} }, [ALL[0]!, ALL[2]!]],
  [
    'a smaller least',
    { leftOut: [], limits: { a: { min: 50 } } },
    [{ ...ALL[0]!, min: 50 }, ALL[1]!, ALL[2]!],
  ],
  [
    'any limit that its kind has, and nothing else',
    { leftOut: [], limits: { b: { min: 2, tolerance: 9, points: 0, kind: 1, excludeHeadings: 1 } } },
    [ALL[0]!, { ...ALL[1]!, min: 2, tolerance: 9 }, ALL[2]!],
  ],
  ['of one that is gone', { leftOut: ['z'], limits: { y: { min: 1 }, toString: { min: 1 } } }, ALL],
])('%s', (_, adjustment, expected) => {
  expect(adjusted(ALL, adjustment)).toEqual(expected);
});
