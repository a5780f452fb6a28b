import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { changedTerm, movedTerms } from '../classes/movedTerms';
import type { KnownCell } from './classBook';
import { gradebook } from './gradebook';
import { inputOfBook } from './classBook';
import { countAlike, FIRST_RULES, type GradebookRules } from './rules';
import {
  differencesOf,
  isFinalMark,
  markOf,
  standingCells,
  takenOver,
  termOf,
  totalOfStanding,
  totalOfYear,
} from './terms';

const CLOSED_AT = new Date('2026-12-18T12:00:00Z');
const PAST = new Date('2026-11-01T12:00:00Z');
const EMPTY: KnownCell = {
  ...{ figure: null, soFar: false, handedIn: false, excused: false, outside: false },
  ...{ withheld: null, due: null },
};
const column = (id: string, possible = 20, categoryId: string | null = null) => ({
  ...{ id, possible, categoryId },
  due: PAST,
});
const given = (figure: number): KnownCell => ({ ...EMPTY, figure, handedIn: true });
const BANDS = [
  { letter: 'Not yet', from: 0 },
  { letter: 'Sound', from: 70 },
];

describe('a closed term', () => {
  test('stands as it was counted, whatever comes later', () => {
    const rules: GradebookRules = { ...FIRST_RULES, missing: 'zero', bands: BANDS };
    const columns = [column('a'), column('b')];
    const kept = standingCells(columns, [given(15), EMPTY]);
    expect(totalOfStanding(rules, kept, CLOSED_AT)).toEqual({ overall: 37.5, letter: 'Not yet' });
  });

  test('what was not due by then is not missing', () => {
    const rules: GradebookRules = { ...FIRST_RULES, missing: 'zero' };
    const late = { ...column('b'), due: new Date('2026-12-20T12:00:00Z') };
    const kept = standingCells([column('a'), late], [given(15), EMPTY]);
    expect(totalOfStanding(rules, kept, CLOSED_AT).overall).toBe(75);
  });

  test.each([
    ['changed', [given(24)], [given(26)], [{ before: 24, after: 26 }]],
    ['given at last', [{ ...EMPTY, handedIn: true }], [given(26)], [{ before: null, after: 26 }]],
    ['taken away', [given(24)], [{ ...EMPTY, handedIn: true }], [{ before: 24, after: null }]],
    ['handed in and not read', [EMPTY], [{ ...EMPTY, handedIn: true }], []],
    ['as it was', [given(24)], [given(24)], []],
    ['excused now', [EMPTY], [{ ...EMPTY, excused: true }], [{ excused: 'now' }]],
    ['asked for again', [{ ...EMPTY, excused: true }], [EMPTY], [{ excused: 'before' }]],
    [
      'hidden, then waiting',
      [{ ...given(3), withheld: 'hidden' as const }],
      [{ ...EMPTY, handedIn: true }],
      [],
    ],
    [
      'hidden, then told',
      [{ ...given(3), withheld: 'hidden' as const }],
      [given(3)],
      [{ before: null, after: 3 }],
    ],
    ['not to be seen now', [given(24)], [{ ...given(26), withheld: 'reading' as const }], []],
  ])('a figure that is %s', (_, before, now, differences) => {
    const columns = [column('a', 30)];
    const found = differencesOf(standingCells(columns, before), columns, now);
    expect(found).toMatchObject(differences);
  });

  test('columns that came later or are gone are told where they have a figure', () => {
    const kept = standingCells([column('a'), column('gone')], [given(15), given(10)]);
    const now = [column('a'), column('new', 10), column('empty')];
    expect(differencesOf(kept, now, [given(15), given(9), EMPTY])).toEqual([
      { columnId: 'gone', before: 10, after: null, excused: null, possible: 20 },
      { columnId: 'new', before: null, after: 9, excused: null, possible: 10 },
    ]);
  });

  test('a figure that is taken over is told no more, and all of them together make the term as it is now', () => {
    const cell = fc.record({
      figure: fc.option(fc.integer({ min: 0, max: 30 }), { nil: null }),
      handedIn: fc.boolean(),
      excused: fc.boolean(),
    });
    const cells = fc.array(cell, { minLength: 4, maxLength: 4 });
    const columns = [column('a', 30, 'k'), column('b', 20, 'k'), column('c', 10), column('d', 0)];
    const rules: GradebookRules = {
      ...FIRST_RULES,
      categories: [{ id: 'k', title: 'Asking', weight: 2, dropLowest: 1 }],
    };
    fc.assert(
      fc.property(cells, cells, (then, later) => {
        const known = (some: typeof then) => some.map((one): KnownCell => ({ ...EMPTY, ...one }));
        const kept = standingCells(columns, known(then));
        const now = standingCells(columns, known(later));
        const found = differencesOf(kept, columns, known(later));
        const ids = found.map(({ columnId }) => columnId);
        const after = takenOver(kept, now, ids);
        expect(differencesOf(after, columns, known(later))).toEqual([]);
        const figures = gradebook(inputOfBook(rules, columns, [{ id: 's', cells: known(later) }], CLOSED_AT));
        expect(totalOfStanding(rules, after, CLOSED_AT).overall).toBe(figures.students[0]?.overall);
      }),
    );
  });
});

describe('the year', () => {
  test.each([
    [[1, 1, 1], [80, 90, null], 85],
    [[2, 1, 1], [60, 90, 90], 75],
    [[0, 1, 1], [10, 80, 90], 85],
    [[1, 1, 1], [null, null, null], null],
  ])('weighs its terms %j of totals %j', (weights, totals, overall) => {
    const terms = weights.map((weight, at) => ({ weight, overall: totals[at]! }));
    expect(totalOfYear({ ...FIRST_RULES, bands: BANDS }, terms).overall).toBe(overall);
  });

  test('is capped and named as any total', () => {
    const rules = { ...FIRST_RULES, cap: 100, bands: BANDS };
    expect(totalOfYear(rules, [{ weight: 1, overall: 110 }])).toEqual({ overall: 100, letter: 'Sound' });
  });
});

test('a final mark is on the school’s scale or, where it has none, a figure', () => {
  expect(isFinalMark('Sound', { bands: BANDS })).toBe(true);
  expect(isFinalMark('82.5', { bands: BANDS })).toBe(false);
  for (const mark of ['82.5', '0', '1000', '7']) expect(isFinalMark(mark, { bands: [] })).toBe(true);
  for (const mark of ['', '-1', '82,5', '1001', 'B', '1e3'])
    expect(isFinalMark(mark, { bands: [] })).toBe(false);
  expect(markOf({ overall: 82.5, letter: 'Sound' }, { bands: BANDS })).toBe('Sound');
  expect(markOf({ overall: 82.5, letter: null }, { bands: [] })).toBe('82.5');
  expect(markOf({ overall: null, letter: null }, { bands: [] })).toBeNull();
});

describe('the terms of a class', () => {
  const [first, second] = [
    { name: 'First', from: '2026-08-31', to: '2026-12-18' },
    { name: 'Second', from: '2027-01-07', to: '2027-03-26' },
  ];

  test('hold a day or none', () => {
    expect(termOf([first, second], '2026-12-18')).toBe(first);
    expect(termOf([first, second], '2026-12-19')).toBeUndefined();
  });

  test('that begin on another day are the same by their names', () => {
    const later = { ...second, from: '2027-01-11' };
    expect(movedTerms([first, second], [first, later])).toEqual([{ was: second.from, is: later.from }]);
    expect(movedTerms([first, second], [first])).toEqual([]);
    // A new term that is called the same as one that is still there is another one.
    expect(movedTerms([first], [first, { ...first, from: '2027-01-07', to: '2027-02-01' }])).toEqual([]);
  });

  test('that are closed stay as they are', () => {
    expect(changedTerm([first], [{ ...first, name: 'Autumn' }, second])).toBeNull();
    expect(changedTerm([first], [{ ...first, to: '2026-12-17' }])).toBe(first);
    expect(changedTerm([first], [second])).toBe(first);
  });
});

test('rules that differ in names alone count alike', () => {
  const one = { ...FIRST_RULES, categories: [{ id: 'a', title: 'Asking', weight: 1, dropLowest: 0 }] };
  expect(countAlike(one, { ...one, categories: [{ ...one.categories[0]!, title: 'Telling' }] })).toBe(true);
  expect(countAlike(one, { ...one, cap: 100 })).toBe(false);
});
