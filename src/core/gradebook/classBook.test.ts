import { describe, expect, test } from 'vitest';
import { columnsSoFar, inPointsOf, inputOfBook, shownState, type KnownCell } from './classBook';
import { gradebook } from './gradebook';
import { FIRST_RULES, faultOfRules } from './rules';
import { printSheets, seriesRuns, trackGroups } from './tracks';

const NOW = new Date('2026-11-17T12:00:00Z');
const EMPTY: KnownCell = {
  ...{ figure: null, soFar: false, handedIn: false, excused: false, outside: false },
  ...{ withheld: null, due: null },
};
const PAST = new Date('2026-11-01T12:00:00Z');
const column = (id: string, categoryId: string | null = null) => ({
  id,
  categoryId,
  series: null,
  possible: 20,
  due: PAST,
});

describe('the figures of a class', () => {
  test('what is withheld or was due before somebody came counts for nothing, whatever the rules', () => {
    const cells = [
      { ...EMPTY, figure: 20 },
      { ...EMPTY, figure: 2, withheld: 'hidden' as const },
      { ...EMPTY, figure: 2, withheld: 'reading' as const },
      { ...EMPTY, outside: true },
    ];
    const columns = ['a', 'b', 'c', 'd'].map((id) => column(id));
    const rules = { ...FIRST_RULES, missing: 'zero' } as const;
    const [student] = gradebook(inputOfBook(rules, columns, [{ id: 's', cells }], NOW)).students;
    expect(student?.overall).toBe(100);
    const states = cells.map((cell, at) => shownState(cell, student!.cells[columns[at]!.id]!));
    expect(states).toEqual(['graded', 'hidden', 'reading', 'notHere']);
  });

  test('a category that is not there any more is none', () => {
    const input = inputOfBook(FIRST_RULES, [column('a', 'gone')], [{ id: 's', cells: [EMPTY] }], NOW);
    expect(input.columns[0]?.category).toBeNull();
  });

  test('what counts although something is left to judge is named', () => {
    const cells = [
      { ...EMPTY, figure: 18, soFar: true },
      { ...EMPTY, soFar: true, handedIn: true },
    ];
    const columns = [column('a'), column('b')];
    const [student] = gradebook(inputOfBook(FIRST_RULES, columns, [{ id: 's', cells }], NOW)).students;
    expect(columnsSoFar(columns, cells, student!)).toEqual(['a']);
  });

  test.each([
    [20, 15, 20, 15],
    [20, 15, 16, 18.75],
    [20, 3, 0, 3],
    [30, 10, 9, 33.333333],
  ])('of %d points %d of %d is %d', (possible, figure, of, expected) => {
    expect(inPointsOf(possible, figure, of)).toBe(expected);
  });
});

describe('the strips of the grid', () => {
  const asking = { id: 'k', title: 'Asking', weight: 3, dropLowest: 0 };
  const empty = { id: 'e', title: 'Telling', weight: 1, dropLowest: 0 };

  test('stand by category, with a per cent after each and those without one last', () => {
    const groups = trackGroups(
      [empty, asking],
      [column('a'), column('b', 'k'), column('c', 'gone'), column('d', 'k')],
    );
    expect(groups.map(({ category, share }) => [category?.id ?? null, share])).toEqual([
      ['k', 75],
      [null, 25],
    ]);
    expect(groups[0]?.tracks).toEqual([
      { kind: 'column', at: 1, categoryId: 'k', first: true },
      { kind: 'column', at: 3, categoryId: 'k', first: false },
      { kind: 'percent', categoryId: 'k' },
    ]);
  });

  test('put the repetitions of a series together, where the first of them is', () => {
    const weekly = (id: string, categoryId: string | null = null) => ({
      ...column(id, categoryId),
      series: { id: 'weekly', name: 'Week' },
    });
    const columns = [column('a'), weekly('b'), column('c'), weekly('d'), weekly('e', 'k'), weekly('f')];
    const tracks = trackGroups([asking], columns).flatMap((group) => group.tracks);
    expect(tracks.map((track) => (track.kind === 'column' ? columns[track.at]!.id : '%'))).toEqual([
      ...['e', '%', 'a', 'b', 'd', 'f', 'c', '%'],
    ]);
    expect(seriesRuns(tracks, columns)).toEqual([{ seriesId: 'weekly', from: 3, count: 3 }]);
    expect(seriesRuns(tracks.slice(0, 4), columns)).toEqual([]);
  });

  test('of one category nothing is said of shares', () => {
    expect(trackGroups([], [column('a')]).map(({ share }) => share)).toEqual([null]);
  });
});

test('a print has so many columns to a sheet, in the order of the grid', () => {
  const columns = Array.from({ length: 20 }, (_, at) => column(String(at), at === 19 ? 'k' : null));
  const sheets = printSheets([{ id: 'k', title: 'Asking', weight: 1, dropLowest: 0 }], columns);
  expect(sheets.map(({ length }) => length)).toEqual([9, 9, 2]);
  expect(sheets.flat()).toEqual([19, ...Array.from({ length: 19 }, (_, at) => at)]);
  expect(printSheets([], [])).toEqual([[]]);
});

test('rules that go together have no fault', () => {
  const one = { id: 'a', title: 'Asking', weight: 0, dropLowest: 0 };
  expect(faultOfRules(FIRST_RULES)).toBeNull();
  expect(
    faultOfRules({ ...FIRST_RULES, categories: [one, { ...one, id: 'b', title: 'B', weight: 1 }] }),
  ).toBeNull();
});
