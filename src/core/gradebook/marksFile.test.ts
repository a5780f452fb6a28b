import Papa from 'papaparse';
import { expect, test } from 'vitest';
import { MARK_FIELDS, marksChanged, marksCsv, marksTable, type MarksSetup } from './marksFile';

const STUDENT = {
  personId: 'p1',
  schoolId: '00417',
  givenName: 'Greta',
  familyName: 'Sand, "S"',
  name: 'Greta S.',
  group: null,
  mark: 'Sound',
  percent: 81.2,
  standsSo: '1 not read',
  reason: '=1+1',
};
const setup = (columns: MarksSetup['columns'], more: Partial<MarksSetup> = {}): MarksSetup => ({
  ...{ columns, delimiter: ';', decimal: ',', headings: true },
  ...more,
});

test('columns are named and ordered as the system wants them', () => {
  const wanted = setup([
    { heading: 'PUPIL', holds: 'schoolId' },
    { heading: '', holds: 'nothing' },
    { heading: 'PCT', holds: 'percent' },
    { heading: 'MARK', holds: 'mark' },
    { heading: 'TERM', holds: 'term' },
  ]);
  const lines = marksTable(wanted, 'Autumn', [
    STUDENT,
    { ...STUDENT, schoolId: null, mark: '7.5', percent: null },
  ]);
  expect(lines).toEqual([
    ['PUPIL', '', 'PCT', 'MARK', 'TERM'],
    ['00417', '', '81,2', 'Sound', 'Autumn'],
    ['', '', '', '7,5', 'Autumn'],
  ]);
});

test('every field can stand in a file, which reads as it was written, and nothing in it is computed', () => {
  const wanted = setup(
    MARK_FIELDS.map((holds) => ({ heading: holds, holds })),
    { delimiter: ',', decimal: '.', headings: false },
  );
  const csv = marksCsv(marksTable(wanted, 'Autumn', [STUDENT]), wanted);
  const { data } = Papa.parse<string[]>(csv, { skipEmptyLines: true });
  expect(data).toEqual([
    ['00417', 'Sand, "S"', 'Greta', 'Greta S.', '', 'Sound', '81.2', 'Autumn', '1 not read', "'=1+1", ''],
  ]);
});

test('what changed since the last file is told, also who came and went', () => {
  expect(
    marksChanged(
      { a: 'Sound', b: 'Strong', gone: 'Sound' },
      { a: 'Sound', b: 'Sound', come: null, new: 'Strong' },
    ),
  ).toEqual([
    { personId: 'b', before: 'Strong', after: 'Sound' },
    { personId: 'gone', before: 'Sound', after: null },
    { personId: 'new', before: null, after: 'Strong' },
  ]);
});
