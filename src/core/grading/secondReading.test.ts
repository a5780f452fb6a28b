import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { bothIn, chosenForSecond, isSettledTwice, largestFirst, secondState } from './secondReading';

const FIGURES = [26, 23.5, null, 15, 14, 30].map((figure, index) => ({ postId: `p${index}`, figure }));
const first = () => 0;

describe('which posts are read twice', () => {
  test('all, judged or not', () => {
    expect(chosenForSecond(FIGURES, { kind: 'all' }, first)).toHaveLength(6);
  });

  test('those within some points of a border, both ends among them, and none that has no figure', () => {
    const choice = { kind: 'border', borders: [15, 25], within: 1 } as const;
    expect(chosenForSecond(FIGURES, choice, first)).toEqual(['p0', 'p3', 'p4']);
    expect(chosenForSecond(FIGURES, { ...choice, within: 0 }, first)).toEqual(['p3']);
    expect(chosenForSecond(FIGURES, { ...choice, borders: [] }, first)).toEqual([]);
  });

  test('a sample has as many as were asked for, as far as there are, each once and in order', () => {
    fc.assert(
      fc.property(fc.nat(9), fc.infiniteStream(fc.nat(1000)), (count, lots) => {
        const random = (below: number) => (lots.next().value as number) % below;
        const drawn = chosenForSecond(FIGURES, { kind: 'sample', count }, random);
        expect(drawn).toHaveLength(Math.min(count, 6));
        expect(drawn).toEqual([...new Set(drawn)].toSorted());
      }),
    );
  });

  test('each is drawn as often as any other', () => {
    let seed = 1;
    const random = (below: number) => (seed = (seed * 48271) % 2147483647) % below;
    const times = new Map<string, number>();
    for (let each = 0; each < 6000; each += 1)
      for (const id of chosenForSecond(FIGURES, { kind: 'sample', count: 2 }, random))
        times.set(id, (times.get(id) ?? 0) + 1);
    for (const count of times.values()) expect(Math.abs(count - 2000)).toBeLessThan(200);
  });
});

test.each([
  [{ done: false, first: 26, second: 22, settled: false }, 'secondOpen'],
  [{ done: true, first: 26, second: null, settled: false }, 'secondOpen'],
  [{ done: true, first: null, second: 22, settled: false }, 'firstOpen'],
  [{ done: true, first: 26, second: 22, settled: false }, 'apart'],
  [{ done: true, first: 26, second: 26, settled: false }, 'same'],
  [{ done: true, first: 26, second: 22, settled: true }, 'settled'],
] as const)('%j stands as %s', (post, state) => {
  expect(secondState(post)).toBe(state);
  expect(bothIn(state)).toBe(state !== 'secondOpen' && state !== 'firstOpen');
  expect(isSettledTwice(state)).toBe(state === 'same' || state === 'settled');
});

test('the largest difference comes first, less or more alike, and what is not in yet last', () => {
  const rows = [0, null, -4, 2, 4].map((difference, index) => ({ index, difference }));
  expect(largestFirst(rows).map(({ difference }) => difference)).toEqual([-4, 4, 2, 0, null]);
});
