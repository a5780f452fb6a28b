import Papa from 'papaparse';
import { expect, test } from 'vitest';
import { exportGradebook, headersOf } from './exportGradebook';

const WORDS = { id: 'id', name: 'name', group: 'group', total: 'total', word: 'word' };
const TABLE = {
  columns: [
    { number: 2, title: 'Three skies' },
    { number: null, title: '=SUM(A1)' },
  ],
  students: [
    { id: 'a1', name: 'Anouk O.', group: 'Hill', figures: [27.5, null], overall: 91.7, letter: 'Strong' },
    { id: 'b2', name: 'Bea "B", L.', group: null, figures: [0, 3], overall: null, letter: null },
  ],
};

test('a gradebook is read again as it was, with a point or a comma as its language has it', () => {
  for (const [locale, delimiter, half] of [
    ['en-GB', ',', '27.5'],
    ['de-DE', ';', '27,5'],
  ] as const) {
    const csv = exportGradebook(TABLE, WORDS, locale);
    expect(csv.startsWith('\uFEFFid')).toBe(true);
    const { data } = Papa.parse<string[]>(csv.slice(1), { delimiter, skipEmptyLines: true });
    expect(data[0]).toEqual(['id', 'name', 'group', '2 Three skies', "'=SUM(A1)", 'total', 'word']);
    expect(data[1]?.slice(0, 5)).toEqual(['a1', 'Anouk O.', 'Hill', half, '']);
    expect(data[2]).toEqual(['b2', 'Bea "B", L.', '', '0', '3', '', '']);
  }
});

test('columns of the same name are told apart', () => {
  const test = { number: null, title: 'A test' };
  expect(headersOf([test, { number: 1, title: 'A test' }, test])).toEqual([
    'A test',
    '1 A test',
    'A test (2)',
  ]);
});
