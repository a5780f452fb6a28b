import { beforeEach, describe, expect, test } from 'vitest';
import { unzipSync } from 'fflate';
import {
  as,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writePost,
  type Who,
} from '../../../../tests/server/house';
import { YEAR } from '../../../core/gradebook/terms';
import { marksTable, type MarksSetup } from '../../../core/gradebook/marksFile';
import { database } from '../../ground/database/database';
import { setGrade } from '../reviews/setGrade';
import { askSecondReading } from '../secondReadings/askSecondReading';
import { changeYear } from '../classes/changeYear';
import { closeTerm } from './closeTerm';
import { keepColumn } from './keepColumn';
import { keepFigures } from './keepFigures';
import { keepFinalMark } from './keepFinalMark';
import { maybeOneRoster } from '../archives/oneRosterArchive';
import { previewMarks } from './previewMarks';
import { takeMarks } from './takeMarks';

const house = freshHouse();
const AUTUMN = { name: 'Autumn', from: '2026-09-01', to: '2026-12-18' };
const PLACE = { timeZone: 'Europe/Dublin', language: 'en-GB', holidays: [], schoolDays: [1] };
const SETUP: MarksSetup = {
  columns: [
    { heading: 'PUPIL', holds: 'schoolId' },
    { heading: 'MARK', holds: 'mark' },
    { heading: 'NOTE', holds: 'standsSo' },
  ],
  ...{ delimiter: ';', decimal: ',', headings: true },
};
let columnId: string;

beforeEach(async () => {
  await database.change("UPDATE memberships SET joined_at = '2026-09-01'", {});
  await database.change("UPDATE people SET school_id = '00417' WHERE id = :id", { id: house.people.writer });
  await succeeded(as(house, 'teacher', changeYear, { classId: house.classId, ...PLACE, terms: [AUTUMN] }));
  const column = { classId: house.classId, columnId: null, title: 'An oral', possible: 10, categoryId: null };
  ({ columnId } = await succeeded(as(house, 'teacher', keepColumn, { ...column, day: '2026-11-10' })));
});
const type = (figure: number, was: number | null = null) =>
  succeeded(
    as(house, 'teacher', keepFigures, {
      classId: house.classId,
      cells: [{ columnId, personId: house.people.writer, figure, was }],
    }),
  );
const take = (term: string, setup = SETUP) =>
  succeeded(as(house, 'teacher', takeMarks, { classId: house.classId, term, ...setup }));
const preview = (term: string, who: Who = 'teacher') =>
  as(house, who, previewMarks, { classId: house.classId, term });

describe('the marks of a term as a file', () => {
  test('have the school’s own ids, and say which stand so', async () => {
    await type(7.5);
    const left = { unread: 0, notBack: 1, reason: 'The school wants it.' };
    await succeeded(as(house, 'teacher', closeTerm, { classId: house.classId, term: AUTUMN.from, ...left }));
    const { name, content } = await take(AUTUMN.from);
    expect(name).toContain('Autumn.csv');
    const lines = content.split('\r\n');
    expect(lines[0]).toBe('PUPIL;MARK;NOTE');
    expect(lines).toContain('00417;75;one figure not given back');
    // Nobody else has an id or a mark.
    expect(lines.filter((line) => line === ';;')).toHaveLength(lines.length - 3);
    expect(await succeeded(preview(AUTUMN.from))).toMatchObject({ setup: SETUP, standSo: 1 });
  });

  test('tell what changed since they were taken last, and by whom', async () => {
    await type(7.5);
    expect(await succeeded(preview(AUTUMN.from))).toMatchObject({ since: null });
    await take(AUTUMN.from);
    expect(await succeeded(preview(AUTUMN.from))).toMatchObject({
      since: { by: 'Tess Example', changes: [] },
    });
    await type(8, 7.5);
    const given = { term: AUTUMN.from, personId: house.people.classmate, mark: '50', reason: 'The oral.' };
    await succeeded(as(house, 'teacher', keepFinalMark, { classId: house.classId, ...given, was: null }));
    const { since } = await succeeded(preview(AUTUMN.from));
    expect(since?.changes).toEqual(
      expect.arrayContaining([
        { name: 'Wren E.', before: '75', after: '80' },
        { name: 'Mate E.', before: null, after: '50' },
      ]),
    );
    // Of the year nothing was taken yet.
    expect(await succeeded(preview(YEAR))).toMatchObject({ since: null });
  });

  test('tell nothing of first figures to who reads a second time', async () => {
    const assignmentId = await setWork(house, { due: '2026-11-16T16:00' });
    const postId = await writePost(house, assignmentId);
    const handInId = await handInPost(house, postId);
    await succeeded(as(house, 'teacher', setGrade, { postId, handInId, grade: 1, reason: 'The map.' }));
    await take(AUTUMN.from);
    const readerId = house.people.coTeacher;
    await succeeded(
      as(house, 'teacher', askSecondReading, { assignmentId, readerId, which: { kind: 'all' } }),
    );
    const { since, setup, first } = await succeeded(preview(AUTUMN.from, 'coTeacher'));
    const lines = marksTable(setup, 'Autumn', first);
    expect(since?.changes).toEqual([]);
    expect(lines.flat()).not.toContain('50');
    const asked = { classId: house.classId, term: AUTUMN.from, ...SETUP };
    expect(await as(house, 'coTeacher', takeMarks, asked)).toMatchObject({ code: 'gradebook.readsSecond' });
  });

  test('are for who teaches the class for good, and of its own terms', async () => {
    for (const who of ['supplyTeacher', 'writer', 'stranger', 'reader', 'administrator'] as const) {
      expect(await preview(AUTUMN.from, who)).toMatchObject({ ok: false });
      const asked = { classId: house.classId, term: AUTUMN.from, ...SETUP };
      expect(await as(house, who, takeMarks, asked)).toMatchObject({ ok: false });
    }
    expect(await preview('2020-01-01')).toMatchObject({ code: 'gradebook.noTerm' });
    const other = { classId: house.classId, term: '2020-01-01', ...SETUP };
    expect(await as(house, 'teacher', takeMarks, other)).toMatchObject({ code: 'gradebook.noTerm' });
  });
});

describe('the gradebook as OneRoster’s files', () => {
  const taken = async (who: Who) => {
    const archive = await maybeOneRoster(house.classId, {
      ...{ personId: house.people[who as 'teacher'], now: NOW, language: 'en' },
    });
    if (!archive) return null;
    const files = unzipSync(new Uint8Array(await new Response(archive.content).arrayBuffer()));
    return Object.fromEntries(
      Object.entries(files).map(([path, content]) => [path, new TextDecoder().decode(content)]),
    );
  };

  test('hold columns and results of those who may know them', async () => {
    await type(7.5);
    const assignmentId = await setWork(house, { due: '2026-11-16T16:00' });
    const files = await taken('teacher');
    expect(Object.keys(files ?? {})).toEqual([
      'manifest.csv',
      'categories.csv',
      'lineItems.csv',
      'results.csv',
    ]);
    expect(files?.['lineItems.csv']).toContain(`${house.classId}-${assignmentId}`);
    const results = files?.['results.csv']?.split('\r\n') ?? [];
    const own = results.find((line) => line.startsWith(`${house.classId}-${columnId}-00417`));
    expect(own).toContain(',fully graded,7.5,');
    expect(results.filter((line) => line.includes('not submitted')).length).toBeGreaterThan(0);
  });

  test('are for who teaches the class for good', async () => {
    for (const who of ['supplyTeacher', 'writer', 'stranger', 'reader', 'administrator'] as const)
      expect(await taken(who)).toBeNull();
  });
});
