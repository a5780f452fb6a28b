import { describe, expect, test } from 'vitest';
import { exportGradebook } from './exportGradebook';
import { planFigures, type FiguresPlan } from './planFigures';

const WORDS = { id: 'id', name: 'name', group: 'group', total: 'total %', word: 'word' };
const TABLE = {
  columns: [
    { number: 2, title: 'Three skies' },
    { number: null, title: 'An oral' },
    { number: null, title: '=SUM(A1)' },
  ],
  students: ['a1', 'b2', 'c3'].map((id, at) => ({
    ...{ id, name: `Child ${at}`, group: null, overall: 50, letter: null },
    figures: [20 + at / 2, null, at],
  })),
};
const plan = (text: string, locale = 'en-GB') => planFigures(text, TABLE, locale);
const planned = (found: FiguresPlan) => {
  if (!found.ok) throw new Error(found.problem);
  return found;
};

describe('a file of figures', () => {
  test.each(['en-GB', 'de-DE'])('that was taken along in %s changes nothing as it is', (locale) => {
    const found = planned(plan(exportGradebook(TABLE, WORDS, locale), locale));
    expect(found).toEqual({
      ...{ ok: true, changes: [], nobody: [], twice: [], noFigures: [], unknown: [] },
    });
  });

  test('changes what is another figure, wherever its columns stand and however a spreadsheet wrote them', () => {
    const found = planned(plan('AN ORAL; id ;2  three skies;Remarks\n7,5;b2;20.5;fine\n;a1;18;\n'));
    expect(found.changes).toEqual([
      { student: 1, column: 1, figure: 7.5 },
      { student: 0, column: 0, figure: 18 },
    ]);
    expect(found.unknown).toEqual(['Remarks']);
  });

  test('says which rows are nobody, who stands there twice, and which cells are no figures', () => {
    const found = planned(plan('id,An oral\na1,B+\nz9,4\na1,5\nb2,1e3\nc3,9\n'));
    expect(found.changes).toEqual([{ student: 2, column: 1, figure: 9 }]);
    expect(found.nobody).toEqual([{ row: 3, text: 'z9' }]);
    expect(found.twice).toEqual([{ row: 4, text: 'a1' }]);
    expect(found.noFigures).toEqual([
      { row: 2, text: 'B+', header: 'An oral' },
      { row: 5, text: '1e3', header: 'An oral' },
    ]);
  });

  test.each([
    ['noColumn', 'id,Geography\na1,4\n'],
    ['noColumn', 'name,An oral\nAnouk,4\n'],
    ['noColumn', ''],
    ['noRow', 'id,An oral\nx1,4\nx2,4\n'],
    ['openQuote', 'id,An oral\n"a1,4\n'],
    ['notCsv', 'PK\u0003\u0004'],
  ] as const)('%s is said of %j', (problem, text) => {
    expect(plan(text)).toEqual({ ok: false, problem });
  });

  test('of fifty thousand rows is read, and all but the class’s own are named', () => {
    const rows = Array.from({ length: 50_000 }, (_, index) => `x${index},4`);
    const found = planned(plan(`id,An oral\n${rows.join('\n')}\nb2,4\n`));
    expect([found.changes.length, found.nobody.length]).toEqual([1, 50_000]);
  });
});
