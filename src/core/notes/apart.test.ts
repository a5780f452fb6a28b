import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { keepApart } from './apart';

const at = (wanted: number, height = 40) => ({ wanted, height });

describe('notes beside a text', () => {
  test.each([
    ['stand where their passages are', [at(0), at(100), at(300)], [0, 100, 300]],
    ['make room for each other, each giving a little', [at(100), at(100)], [75, 125]],
    ['begin no higher than the text', [at(0), at(10)], [0, 50]],
    ['are none', [], []],
    ['leave one that is far away alone', [at(100), at(100), at(500)], [75, 125, 500]],
  ])('%s', (_, things, begins) => {
    expect(keepApart(things, 10)).toEqual(begins);
  });

  test('never lie over each other, and keep their order', () => {
    const things = fc.array(fc.record({ wanted: fc.nat(2000), height: fc.integer({ min: 1, max: 300 }) }), {
      maxLength: 40,
    });
    fc.assert(
      fc.property(things, (unordered) => {
        const placed = unordered.toSorted((one, another) => one.wanted - another.wanted);
        const begins = keepApart(placed, 8);
        for (const [index, begin] of begins.entries()) {
          expect(begin).toBeGreaterThanOrEqual(0);
          if (index > 0)
            expect(begin).toBeGreaterThanOrEqual(begins[index - 1]! + placed[index - 1]!.height + 8 - 1e-6);
        }
      }),
    );
  });
});
