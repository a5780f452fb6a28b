import Papa from 'papaparse';
import { expect, test } from 'vitest';
import { oneRosterFiles } from './oneRoster';

const RESULT = {
  ...{ lineItemId: 'a', studentId: '00417', figure: null, soFar: false, handedIn: false },
  ...{ excused: false, missing: false, late: false, day: '2026-11-19' },
};
const files = oneRosterFiles(
  {
    classId: 'c',
    categories: [{ id: 'k', title: 'Asking, telling', weight: 2.5 }],
    lineItems: [
      {
        id: 'a',
        title: '=1+1',
        categoryId: 'k',
        possible: 20,
        assigned: '2026-11-01',
        due: '2026-11-19',
        term: '2026-09-01',
      },
      { id: 'b', title: 'An oral', categoryId: null, possible: 10, assigned: null, due: null, term: null },
    ],
    results: [
      { ...RESULT, figure: 17.5, late: true },
      { ...RESULT, figure: 3, soFar: true },
      { ...RESULT, handedIn: true },
      { ...RESULT, excused: true },
      { ...RESULT, missing: true },
    ],
  },
  'In no category',
);
const rows = (name: string) =>
  Papa.parse<Record<string, string>>(files[name] ?? '', { header: true, skipEmptyLines: true }).data;

test('the manifest names every file of the standard, and says which are there', () => {
  const said = new Map(rows('manifest.csv').map(({ propertyName, value }) => [propertyName, value]));
  expect(said.get('oneroster.version')).toBe('1.2');
  const there = [...said].flatMap(([name, value]) => (value === 'bulk' ? [name] : []));
  expect(there).toEqual(['file.categories', 'file.lineItems', 'file.results']);
  expect(Object.keys(files)).toHaveLength(4);
});

test('every id that a file names stands in another one of them', () => {
  const categories = rows('categories.csv').map(({ sourcedId }) => sourcedId);
  const items = rows('lineItems.csv');
  expect(categories).toEqual(['c-k', 'c-none']);
  for (const { categorySourcedId } of items) expect(categories).toContain(categorySourcedId);
  for (const { lineItemSourcedId } of rows('results.csv'))
    expect(items.map(({ sourcedId }) => sourcedId)).toContain(lineItemSourcedId);
});

test('line items have their points and days, and nothing in them is computed', () => {
  expect(rows('lineItems.csv')).toMatchObject([
    {
      title: "'=1+1",
      resultValueMin: '0',
      resultValueMax: '20',
      dueDate: '2026-11-19',
      gradingPeriodSourcedId: 'c-2026-09-01',
    },
    { title: 'An oral', categorySourcedId: 'c-none', dueDate: '' },
  ]);
});

test('a result says how it stands in the standard’s words', () => {
  expect(
    rows('results.csv').map(({ scoreStatus, score, late, missing }) => [scoreStatus, score, late, missing]),
  ).toEqual([
    ['fully graded', '17.5', 'true', 'false'],
    ['partially graded', '3', 'false', 'false'],
    ['submitted', '', 'false', 'false'],
    ['exempt', '', 'false', 'false'],
    ['not submitted', '', 'false', 'true'],
  ]);
});
