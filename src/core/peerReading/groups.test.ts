import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { drawGroups, groupToJoin, pairsOf, type Pair } from './groups';

/** Numbers between 0 and 1 that come out the same for the same seed. */
function numbers(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
    return state / 2_147_483_648;
  };
}
const people = (count: number) => Array.from({ length: count }, (_, at) => `p${String(at).padStart(3, '0')}`);
const has = (pairs: readonly Pair[], [one, another]: Pair) =>
  pairs.some((pair) => pair.includes(one) && pair.includes(another));
const draw = (count: number, size: 2 | 3, more: { apart?: readonly Pair[]; before?: readonly Pair[] } = {}) =>
  drawGroups({ people: people(count), size, apart: [], before: [], ...more }, numbers(count + size));

describe('sizes', () => {
  test.each<readonly [number, 2 | 3, readonly number[]]>([
    [2, 2, [2]],
    [3, 2, [3]],
    [5, 2, [2, 3]],
    [24, 2, Array.from({ length: 12 }, () => 2)],
    [2, 3, [2]],
    [3, 3, [3]],
    [4, 3, [2, 2]],
    [5, 3, [2, 3]],
    [7, 3, [2, 2, 3]],
    [25, 3, [2, 2, ...Array.from({ length: 7 }, () => 3)]],
  ])('%i by %i', (count, size, sizes) => {
    const { groups, alone } = draw(count, size);
    expect(groups.map((group) => group.length).sort()).toEqual(sizes);
    expect(alone).toEqual([]);
  });

  test('nobody reads nobody, and one alone is told so', () => {
    expect(draw(0, 3)).toEqual({ groups: [], alone: [], again: [] });
    expect(draw(1, 2)).toEqual({ groups: [], alone: ['p000'], again: [] });
  });
});

const pairs = (count: number, most: number) =>
  fc.array(
    fc.tuple(fc.nat(count - 1), fc.nat(count - 1)).filter(([one, another]) => one !== another),
    { maxLength: most },
  );

test('everybody is in one group or known to be alone, and who is kept apart is never together', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 2, max: 30 }).chain((count) => fc.tuple(fc.constant(count), pairs(count, 60))),
      fc.constantFrom(2 as const, 3 as const),
      fc.nat(),
      ([count, indices], size, seed) => {
        const everybody = people(count);
        const apart = indices.map(([one, another]) => [everybody[one]!, everybody[another]!] as const);
        const drawn = drawGroups({ people: everybody, size, apart, before: [] }, numbers(seed));
        expect([...drawn.groups.flat(), ...drawn.alone].sort()).toEqual(everybody);
        expect(pairsOf(drawn.groups).filter((pair) => has(apart, pair))).toEqual([]);
        expect(drawn.groups.every((group) => group.length > 1)).toBe(true);
      },
    ),
  );
});

test('from six people on nobody reads the same one twice in a row', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 6, max: 40 }),
      fc.constantFrom(2 as const, 3 as const),
      fc.nat(),
      (count, size, seed) => {
        const random = numbers(seed);
        const first = drawGroups({ people: people(count), size, apart: [], before: [] }, random);
        const before = pairsOf(first.groups);
        const second = drawGroups({ people: people(count), size, apart: [], before }, random);
        if (count > 8 || size === 2) expect(second.again).toEqual([]);
        expect(pairsOf(second.groups).filter((pair) => has(before, pair))).toHaveLength(second.again.length);
      },
    ),
  );
});

test('where there is no other way the same two read each other again, and it is said', () => {
  expect(draw(2, 2, { before: [['p000', 'p001']] })).toMatchObject({ again: [{ length: 2 }], alone: [] });
  // Four have three ways to be pairs, so there is another one.
  const before: readonly Pair[] = [
    ['p000', 'p001'],
    ['p002', 'p003'],
  ];
  expect(draw(4, 2, { before }).again).toEqual([]);
});

test('who is kept apart from everybody else is alone rather than with one of them', () => {
  const apart = people(5).flatMap((one): readonly Pair[] => (one === 'p000' ? [] : [['p000', one]]));
  const { alone, groups } = draw(5, 2, { apart });
  expect(alone).toEqual(['p000']);
  expect(groups.flat()).toHaveLength(4);
});

test('a school of two hundred is drawn at once', () => {
  const first = draw(200, 3);
  const second = draw(200, 3, { before: pairsOf(first.groups) });
  expect(second.again).toEqual([]);
  expect(second.groups).toHaveLength(67);
});

describe('who comes later', () => {
  const groups = [['a', 'b', 'c'], ['d', 'e'], ['f', 'g'], []];
  test.each<readonly [string, readonly Pair[], readonly Pair[], number | null]>([
    ['joins the smallest group', [], [], 1],
    ['not one with somebody they are kept apart from', [['x', 'e']], [], 2],
    ['rather one with nobody of the last time', [], [['d', 'x']], 2],
    [
      'a larger one where there is no other',
      [
        ['x', 'e'],
        ['g', 'x'],
      ],
      [],
      0,
    ],
    [
      'none where all of them are kept apart',
      [
        ['x', 'e'],
        ['g', 'x'],
        ['a', 'x'],
      ],
      [],
      null,
    ],
  ])('%s', (_, apart, before, at) => {
    expect(groupToJoin(groups, 'x', { apart, before })).toBe(at);
  });
});
