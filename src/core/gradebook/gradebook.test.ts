import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { gradebook, type GradebookFigures } from './gradebook';
import type { GradebookInput } from './gradebookInput';

const NOW = '2026-11-02T12:00:00Z';
const BEFORE = '2026-10-30T16:00:00Z';
const of = (input: Partial<GradebookInput>): GradebookFigures =>
  gradebook({ columns: [], categories: [], now: NOW, students: [], ...input });

/** Grades and possible points with up to two decimals. */
const points = (least: number) => fc.integer({ min: least, max: 5000 }).map((cents) => cents / 100);
const cell = fc.record(
  {
    grade: fc.option(points(0)),
    handedIn: fc.boolean(),
    excused: fc.boolean(),
    due: fc.option(fc.constantFrom(BEFORE, '2026-11-09T16:00:00Z')),
  },
  { requiredKeys: [] },
);
const CATEGORIES = ['one', 'two', null] as const;
const books: fc.Arbitrary<GradebookInput> = fc
  .record({
    columns: fc.array(
      fc.record({
        category: fc.constantFrom(...CATEGORIES),
        possible: points(0),
        due: fc.option(fc.constant(BEFORE)),
      }),
      { maxLength: 6 },
    ),
    drops: fc.tuple(fc.nat(2), fc.nat(2)),
    weights: fc.tuple(fc.constantFrom(0, 1, 2.5), fc.constantFrom(0, 1, 3)),
    counting: fc.constantFrom('points' as const, 'equal' as const),
    missing: fc.constantFrom('zero' as const, 'leftOut' as const),
    rounding: fc.constantFrom(0.01, 0.1, 0.5, 1, 3),
    cap: fc.option(points(0)),
    cells: fc.array(fc.array(fc.option(cell), { minLength: 6, maxLength: 6 }), {
      minLength: 1,
      maxLength: 3,
    }),
  })
  .map(({ columns, drops, weights, cells, ...rules }) => ({
    ...rules,
    now: NOW,
    columns: columns.map((column, at) => ({ id: `c${at}`, ...column })),
    categories: [
      { id: 'one', weight: weights[0], dropLowest: drops[0] },
      { id: 'two', weight: weights[1], dropLowest: drops[1] },
    ],
    bands: [
      { letter: 'pass', from: 50 },
      { letter: 'good', from: 80 },
    ],
    students: cells.map((row, student) => ({
      id: `s${student}`,
      cells: Object.fromEntries(
        row.flatMap((one, at) => (one && at < columns.length ? [[`c${at}`, one] as const] : [])),
      ),
    })),
  }));

describe('a gradebook', () => {
  it('gives everybody the same figures in whatever order students stand', () => {
    fc.assert(
      fc.property(books, (book) => {
        const byId = (figures: GradebookFigures) => new Map(figures.students.map((one) => [one.id, one]));
        const turned = { ...book, students: book.students.toReversed() };
        expect(byId(gradebook(turned))).toEqual(byId(gradebook(book)));
        expect(gradebook(turned).columns).toEqual(gradebook(book).columns);
      }),
    );
  });

  it('gives the same overalls and scores in whatever order columns stand', () => {
    fc.assert(
      fc.property(books, (book) => {
        const shown = (figures: GradebookFigures) =>
          figures.students.map(({ overall, letter, categories }) => [
            overall,
            letter,
            categories.map(({ id, score }) => [id, score]),
          ]);
        expect(shown(gradebook({ ...book, columns: book.columns.toReversed() }))).toEqual(
          shown(gradebook(book)),
        );
      }),
    );
  });

  it('counts or drops every cell that counts, and each once', () => {
    fc.assert(
      fc.property(books, (book) => {
        for (const { categories, cells } of gradebook(book).students)
          for (const { id, counted, dropped } of categories) {
            const both = [...counted, ...dropped];
            expect(new Set(both).size).toBe(both.length);
            const counting = book.columns.filter(
              (column) =>
                column.category === id &&
                (cells[column.id] === 'graded' ||
                  (cells[column.id] === 'missing' && book.missing === 'zero')) &&
                (book.counting === 'points' || column.possible > 0),
            );
            expect(new Set(both)).toEqual(new Set(counting.map((column) => column.id)));
          }
      }),
    );
  });

  it('never drops a cell with a higher per cent than one that stays', () => {
    fc.assert(
      fc.property(books, (book) => {
        const column = new Map(book.columns.map((one) => [one.id, one]));
        for (const [index, { categories }] of gradebook(book).students.entries())
          for (const { counted, dropped } of categories) {
            const percent = (id: string) =>
              (book.students[index]?.cells[id]?.grade ?? 0) / (column.get(id)?.possible ?? 0);
            const stay = counted.filter((id) => (column.get(id)?.possible ?? 0) > 0);
            if (dropped.length > 0) expect(stay.length).toBeGreaterThan(0);
            for (const id of dropped)
              for (const other of stay) expect(percent(id)).toBeLessThanOrEqual(percent(other) + 1e-9);
          }
      }),
    );
  });

  it('rounds once: the overall lies no further from that of unrounded scores than half a step', () => {
    fc.assert(
      fc.property(books, (given) => {
        const book = { ...given, cap: null };
        const exact = gradebook({ ...book, rounding: 0.000001 });
        for (const [index, { overall }] of gradebook(book).students.entries()) {
          const unrounded = exact.students[index]?.overall ?? null;
          if (overall === null || unrounded === null) expect(overall).toBe(unrounded);
          else expect(Math.abs(overall - unrounded)).toBeLessThanOrEqual(book.rounding! / 2 + 1e-5);
        }
      }),
    );
  });

  it('is exact where doubles are not', () => {
    const thirds = of({
      columns: [3, 6, 7].map((possible, at) => ({ id: `${at}`, possible })),
      counting: 'equal',
      rounding: 1,
      students: [{ id: 's', cells: { 0: { grade: 2 }, 1: { grade: 5 }, 2: { grade: 7 } } }],
    });
    // 66 2⁄3, 83 1⁄3 and 100.
    expect(thirds.students[0]?.overall).toBe(83);
    const tenths = of({
      columns: [{ id: 'a', possible: 0.3 }],
      rounding: 0.5,
      students: [{ id: 's', cells: { a: { grade: 0.1 + 0.2 } } }],
    });
    expect(tenths.students[0]?.overall).toBe(100);
  });

  it('takes words that every object answers to as ids like others', () => {
    const cells = JSON.parse('{"__proto__": {"grade": 5}}') as Record<string, { grade: number }>;
    const { students } = of({
      columns: ['__proto__', 'constructor'].map((id) => ({ id, possible: 10, due: BEFORE })),
      students: [{ id: 's', cells }],
    });
    expect(Object.entries(students[0]!.cells)).toEqual([
      ['__proto__', 'graded'],
      ['constructor', 'missing'],
    ]);
  });

  it('refuses what does not belong together, and names the field', () => {
    const columns = [{ id: 'a', possible: 10 }];
    const twice = [
      { id: 's', cells: {} },
      { id: 's', cells: {} },
    ];
    expect(() => of({ columns: [{ ...columns[0]!, category: 'x' }] })).toThrow(/^columns\.category:/);
    expect(() => of({ columns: [...columns, ...columns] })).toThrow(/^columns\.id:/);
    expect(() => of({ categories: [{ id: 'x' }, { id: 'x' }] })).toThrow(/^categories\.id:/);
    expect(() => of({ students: twice })).toThrow(/^students\.id:/);
    expect(() => of({ columns, students: [{ id: 's', cells: { b: {} } }] })).toThrow(/^students\.cells:/);
    expect(() =>
      of({
        bands: [
          { letter: 'A', from: 5 },
          { letter: 'B', from: 5 },
        ],
      }),
    ).toThrow(/^bands\.from:/);
  });
});
