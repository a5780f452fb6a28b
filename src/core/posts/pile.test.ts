import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { ARRANGEMENTS, arrangePile, nextOnPile, type OnPile } from './pile';

const post = (postId: string, waitsSince: number, more: Partial<OnPile> = {}): OnPile => ({
  postId,
  waitsSince,
  assignment: 'Skies',
  classId: '8B',
  ordinal: 1,
  ...more,
});
const ids = (parts: readonly (readonly OnPile[])[]) => parts.map((part) => part.map(({ postId }) => postId));

describe('a pile in order', () => {
  const pile = [
    post('a', 40, { classId: '8B' }),
    post('b', 10, { assignment: 'Sayings', classId: '8C' }),
    post('c', 20, { classId: '8C', ordinal: 2 }),
    post('d', 30, { assignment: 'Sayings', classId: '8B' }),
  ];
  test.each([
    [
      'assignment',
      [
        ['b', 'd'],
        ['c', 'a'],
      ],
    ],
    ['oldest', [['b', 'c', 'd', 'a']]],
    [
      'class',
      [
        ['b', 'c'],
        ['d', 'a'],
      ],
    ],
    ['second', [['c'], ['b', 'd', 'a']]],
  ] as const)('by %s', (by, expected) => {
    expect(ids(arrangePile(pile, by))).toEqual(expected);
  });

  const some = fc.uniqueArray(
    fc.record({
      postId: fc.string({ minLength: 1, maxLength: 3 }),
      waitsSince: fc.nat(5),
      assignment: fc.constantFrom('Skies', 'Sayings'),
      classId: fc.constantFrom('8B', '8C'),
      ordinal: fc.integer({ min: 1, max: 3 }),
    }),
    { selector: ({ postId }) => postId },
  );

  test('whatever it is put in order by, nothing is lost, each part goes from old to new, and what is said once stays so', () => {
    fc.assert(
      fc.property(some, fc.constantFrom(...ARRANGEMENTS), (posts, by) => {
        const parts = arrangePile(posts, by);
        expect(
          parts
            .flat()
            .map(({ postId }) => postId)
            .sort(),
        ).toEqual(posts.map(({ postId }) => postId).sort());
        for (const part of parts)
          expect(part.map((one) => one.waitsSince)).toEqual(
            part.map((one) => one.waitsSince).toSorted((a, b) => a - b),
          );
        expect(ids(arrangePile(posts.toReversed(), by))).toEqual(ids(parts));
      }),
    );
  });
});

describe('the next one', () => {
  const at = (postId: string, takenBy: string | null = null, openWith: string | null = null) => ({
    postId,
    takenBy,
    openWith,
  });
  test.each([
    ['is the one after it', [at('a'), at('b'), at('c')], 'a', 'b'],
    ['after the last it is the first', [at('a'), at('b'), at('c')], 'c', 'a'],
    [
      'passes by what another has taken or open',
      [at('a'), at('b', 'Idris'), at('c', null, 'Idris'), at('d')],
      'a',
      'd',
    ],
    ['unless there is nothing else', [at('a'), at('b', 'Idris')], 'a', 'b'],
    ['is the first where the one that was read is gone', [at('a'), at('b')], 'x', 'a'],
    ['is none where the pile is done', [at('a')], 'a', null],
    ['and none where it is empty', [], 'a', null],
  ] as const)('%s', (_, pile, here, expected) => {
    expect(nextOnPile(pile, here)).toBe(expected);
  });
});
