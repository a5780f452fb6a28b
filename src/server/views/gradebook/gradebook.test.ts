import { beforeEach, describe, expect, test } from 'vitest';
import {
  as,
  deskFor,
  EVERYBODY,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  whoSees,
  writePost,
  type Who,
} from '../../../../tests/server/house';
import { FIRST_RULES, type GradebookRules } from '../../../core/gradebook/rules';
import { dropColumn } from '../../deeds/gradebook/dropColumn';
import { maybeGradebookCsv } from '../../deeds/archives/gradebookCsv';
import { keepColumn } from '../../deeds/gradebook/keepColumn';
import { keepFigures } from '../../deeds/gradebook/keepFigures';
import { keepRules } from '../../deeds/gradebook/keepRules';
import { readFigure } from '../../deeds/gradebook/readFigure';
import { previewRules } from '../../deeds/gradebook/previewRules';
import { judge } from '../../deeds/reviews/judge';
import { setGrade } from '../../deeds/reviews/setGrade';
import { giveBackGrade } from '../../deeds/reviews/giveBackGrade';
import { lookAtName } from '../../deeds/reviews/lookAtName';
import { askSecondReading } from '../../deeds/secondReadings/askSecondReading';
import { copyClass } from '../../deeds/copying/copyClass';
import { database } from '../../ground/database/database';
import { findGradebook, listPlacesOfColumns } from '../../tables/gradebooks';
import { maybeGradebook } from './viewGradebook';

const house = freshHouse();
beforeEach(async () => {
  await database.change("UPDATE memberships SET joined_at = '2026-09-01'", {});
});
/** Hands in what was asked for, and judges it. */
async function judgedPost(assignmentId: string) {
  const postId = await writePost(house, assignmentId);
  const handInId = await handInPost(house, postId);
  await succeeded(as(house, 'teacher', judge, { postId, handInId, criterionId: 'noticing', level: 1 }));
  return { postId, handInId };
}
const book = async (who: 'teacher' | 'coTeacher' | 'supplyTeacher' = 'teacher') =>
  (await maybeGradebook(await deskFor(house, who)))!;
const named = async (name: string, who: 'teacher' | 'coTeacher' = 'teacher') =>
  (await book(who)).students.find((student) => student.name === name)!;
const cell = async (name: string, at = 0, who: 'teacher' | 'coTeacher' = 'teacher') =>
  (await named(name, who)).cells[at];
const oral = (title = 'An oral', possible = 10) =>
  succeeded(
    as(house, 'teacher', keepColumn, {
      ...{ classId: house.classId, columnId: null, title, possible },
      ...{ day: '2026-11-10', categoryId: null },
    }),
  );
const typed = (
  columnId: string,
  figure: number | null,
  { was = null, who = 'teacher', personId = house.people.writer }: Typing = {},
) => as(house, who, keepFigures, { classId: house.classId, cells: [{ columnId, personId, figure, was }] });
interface Typing {
  readonly was?: number | null;
  readonly who?: 'teacher' | 'coTeacher' | 'supplyTeacher';
  readonly personId?: string;
}
const ruled = (rules: Partial<GradebookRules>, version: number, places: readonly Place[] = []) =>
  as(house, 'teacher', keepRules, { classId: house.classId, ...FIRST_RULES, ...rules, places, version });
interface Place {
  readonly columnId: string;
  readonly categoryId: string | null;
}

describe('the gradebook', () => {
  test('says of what a column is a repetition, whatever became of that', async () => {
    const seriesId = await setWork(house, { set: false, title: 'Week {week}: {date}' });
    const repeated = await setWork(house, { title: 'Week 1: 16 November' });
    await database.change('UPDATE assignments SET series_id = :seriesId WHERE id = :repeated', {
      ...{ seriesId, repeated },
    });
    const { columns } = await book();
    expect(columns.map(({ series }) => series?.name ?? null).toSorted()).toEqual(
      ['Week', ...columns.slice(1).map(() => null)].toSorted(),
    );
    expect(columns.find(({ id }) => id === repeated)?.series).toEqual({ id: seriesId, name: 'Week' });
  });

  test('is there for those who teach the class', async () => {
    const teaching = EVERYBODY.filter((who) => ['teacher', 'coTeacher', 'supplyTeacher'].includes(who));
    expect(await whoSees(house, maybeGradebook)).toEqual(teaching);
  });

  test('has a cell for each student and assignment, by how it stands', async () => {
    const assignmentId = await setWork(house, { due: '2026-11-16T16:00' });
    const postId = await writePost(house, assignmentId);
    const handInId = await handInPost(house, postId);
    const slats = ['met', 'bonusOffered'];
    expect(await cell('Wren E.')).toEqual({ state: 'waiting', postId, handInId, daysLate: 1, slats });
    expect(await cell('Mate E.')).toEqual({ state: 'missing' });
    await succeeded(as(house, 'teacher', setGrade, { postId, handInId, grade: 1.5, reason: 'The map.' }));
    expect(await cell('Wren E.')).toMatchObject({ figure: 1.5 });
    expect((await book()).columns[0]).toMatchObject({ notBack: 1, graded: 1, missing: 2 });
  });

  test('what is given back is told apart from what is not', async () => {
    const { postId, handInId } = await judgedPost(await setWork(house));
    const given = (await cell('Wren E.'))?.figure;
    await succeeded(as(house, 'teacher', giveBackGrade, { postId, handInId, reason: '' }));
    expect(await cell('Wren E.')).toMatchObject({ figure: given, back: given });
    await succeeded(as(house, 'teacher', setGrade, { postId, handInId, grade: 1, reason: 'Read again.' }));
    expect(await cell('Wren E.')).toMatchObject({ figure: 1, back: given });
    expect((await book()).columns[0]?.notBack).toBe(1);
  });

  test('names that are hidden are hidden here too, and their figures stand by number and count in no total', async () => {
    const { postId, handInId } = await judgedPost(await setWork(house, { hidesNames: true }));
    expect(await cell('Wren E.')).toEqual({ state: 'hidden' });
    expect((await named('Wren E.')).overall).toBeNull();
    const [column] = (await book()).columns;
    expect(column?.hidden).toMatchObject([{ cell: { state: 'graded', postId } }]);
    expect(JSON.stringify(column)).not.toContain(house.people.writer);
    await succeeded(as(house, 'teacher', lookAtName, { postId, reason: 'worry' }));
    expect(await cell('Wren E.')).toMatchObject({ state: 'graded', postId });
    expect(await cell('Wren E.', 0, 'coTeacher')).toEqual({ state: 'hidden' });
    await succeeded(as(house, 'teacher', giveBackGrade, { postId, handInId, reason: '' }));
    expect(await cell('Wren E.', 0, 'coTeacher')).toMatchObject({ state: 'graded' });
  });

  test('first figures are withheld from who reads a second time, until they are done', async () => {
    const assignmentId = await setWork(house);
    const { postId } = await judgedPost(assignmentId);
    const readerId = house.people.coTeacher;
    await succeeded(
      as(house, 'teacher', askSecondReading, { assignmentId, readerId, which: { kind: 'all' } }),
    );
    expect(await cell('Wren E.', 0, 'coTeacher')).toEqual({ state: 'reading', postId });
    expect((await named('Wren E.', 'coTeacher')).overall).toBeNull();
    const unfolded = async (who: 'teacher' | 'coTeacher') =>
      (await succeeded(as(house, who, readFigure, { postId }))).grade;
    expect(await unfolded('teacher')).toMatchObject({ provisional: false });
    expect(await unfolded('coTeacher')).toMatchObject({ provisional: true });
    expect(await cell('Wren E.')).toMatchObject({ state: 'graded', soFar: true });
  });

  test('what was due before somebody came neither counts nor is missing', async () => {
    await setWork(house, { due: '2026-11-16T16:00' });
    await database.change('UPDATE memberships SET joined_at = :at WHERE person_id = :id', {
      at: new Date('2026-11-17T08:00:00Z'),
      id: house.people.classmate,
    });
    expect(await cell('Mate E.')).toEqual({ state: 'notHere' });
    expect(await cell('Wren E.')).toEqual({ state: 'missing' });
  });
});

describe('own columns', () => {
  test('a figure is typed, changed and taken away, with who did', async () => {
    const { columnId } = await oral();
    expect(await succeeded(typed(columnId, 7.5))).toEqual({ kept: 1, taken: [] });
    expect(await cell('Wren E.')).toMatchObject({ figure: 7.5, typed: { by: 'Tess Example' } });
    expect((await named('Wren E.')).overall).toBe(75);
    await succeeded(typed(columnId, null, { was: 7.5 }));
    expect(await cell('Wren E.')).toMatchObject({ state: 'waiting' });
  });

  test('the second of two teachers in one cell is told the first’s figure, and nothing is lost', async () => {
    const { columnId } = await oral();
    await succeeded(typed(columnId, 8, { who: 'coTeacher' }));
    expect(await succeeded(typed(columnId, 6))).toEqual({
      kept: 0,
      taken: [{ columnId, personId: house.people.writer, figure: 8, by: 'Cory Example' }],
    });
    expect(await cell('Wren E.')).toMatchObject({ figure: 8, typed: { by: 'Cory Example' } });
    await succeeded(typed(columnId, 6, { was: 8 }));
    expect(await cell('Wren E.')).toMatchObject({ figure: 6 });
    // Sent twice it is typed once.
    expect(await succeeded(typed(columnId, 6, { was: 8 }))).toEqual({ kept: 1, taken: [] });
  });

  test('cells of another class’s column, of nobody, or of a post are not typed in', async () => {
    const { columnId } = await oral();
    const assignmentId = await setWork(house);
    expect(await typed(assignmentId, 1)).toMatchObject({ code: 'gradebook.noColumn' });
    expect(await typed(columnId, 1, { personId: house.people.reader })).toMatchObject({
      code: 'gradebook.nobody',
    });
    expect(await typed(columnId, 1, { personId: house.people.teacher })).toMatchObject({
      code: 'gradebook.nobody',
    });
    await succeeded(as(house, 'teacher', dropColumn, { classId: house.classId, columnId }));
    expect(await typed(columnId, 1)).toMatchObject({ code: 'gradebook.noColumn' });
  });

  test('made twice it is there once, and is changed', async () => {
    const { columnId } = await oral();
    expect(await oral()).toEqual({ columnId });
    const changed = { classId: house.classId, columnId, title: 'A test', possible: 20, categoryId: null };
    await succeeded(as(house, 'coTeacher', keepColumn, { ...changed, day: null }));
    expect((await book()).columns).toMatchObject([{ title: 'A test', possible: 20, day: null }]);
    expect(
      await as(house, 'teacher', keepColumn, { ...changed, columnId: 'nothing', day: null }),
    ).toMatchObject({ ok: false, code: 'notThere' });
    expect(await as(house, 'teacher', keepColumn, { ...changed, title: '  ', day: null })).toMatchObject({
      code: 'gradebook.noTitle',
    });
  });
});

describe('the rules', () => {
  const asking = { id: 'new-1', title: 'Asking', weight: 2, dropLowest: 0 };

  test('categories are made, filled, weighted, and gone only when nothing stands in them', async () => {
    const { columnId } = await oral();
    const { columnId: other } = await oral('A test', 20);
    await succeeded(typed(columnId, 5));
    await succeeded(typed(other, 20));
    expect((await named('Wren E.')).overall).toBe(83.3);
    const places = [{ columnId, categoryId: 'new-1' }];
    expect(await succeeded(ruled({ categories: [asking] }, 0, places))).toEqual({ version: 1 });
    // 50 % twice and 100 % once.
    expect((await named('Wren E.')).overall).toBe(66.7);
    const [category] = (await book()).rules.categories;
    expect(category).toMatchObject({ title: 'Asking', weight: 2 });
    expect(category?.id).not.toBe('new-1');
    expect(await ruled({}, 1)).toMatchObject({
      code: 'gradebook.categoryInUse',
      field: 'categories',
      values: { title: 'Asking' },
    });
    await succeeded(ruled({}, 1, [{ columnId, categoryId: null }]));
    expect((await book()).columns.map(({ categoryId }) => categoryId)).toEqual([null, null]);
  });

  test('what was made from rules that somebody changed meanwhile is refused', async () => {
    await succeeded(ruled({ cap: 100 }, 0));
    expect(await ruled({ cap: 90 }, 0)).toMatchObject({ code: 'gradebook.changedMeanwhile' });
    expect((await book()).rules).toMatchObject({ cap: 100, version: 1 });
  });

  test.each([
    [
      'bandTwice',
      {
        bands: [
          { letter: 'Strong', from: 85 },
          { letter: 'Sound', from: 85 },
        ],
      },
    ],
    ['categoryTwice', { categories: [asking, { ...asking, id: 'new-2', title: 'asking ' }] }],
    ['noWeight', { categories: [{ ...asking, weight: 0 }] }],
  ] as const)('%s is refused in one line', async (fault, rules) => {
    expect(await ruled(rules, 0)).toMatchObject({ code: `gradebook.${fault}` });
    const asked = { classId: house.classId, ...FIRST_RULES, ...rules, places: [] };
    expect(await as(house, 'teacher', previewRules, asked)).toMatchObject({ code: `gradebook.${fault}` });
  });

  test('their effect is shown before they count, and a missing one counts by them', async () => {
    await setWork(house, { due: '2026-11-16T16:00' });
    const { columnId } = await oral();
    await succeeded(typed(columnId, 8));
    const asked = { classId: house.classId, ...FIRST_RULES, missing: 'zero', places: [] } as const;
    const shown = await succeeded(as(house, 'teacher', previewRules, asked));
    expect(shown.of).toBe(3);
    expect(shown.students).toContainEqual(expect.objectContaining({ name: 'Wren E.', now: 80 }));
    const [first] = shown.students.filter(({ name }) => name === 'Wren E.');
    expect(first?.then).toBeLessThan(80);
    expect((await named('Wren E.')).overall).toBe(80);
    await succeeded(ruled({ missing: 'zero' }, 0));
    expect((await named('Wren E.')).overall).toBe(first?.then);
  });

  test('only who teaches the class for good says how figures are counted', async () => {
    const asked = { classId: house.classId, ...FIRST_RULES, places: [], version: 0 };
    expect(await as(house, 'supplyTeacher', keepRules, asked)).toMatchObject({ ok: false });
    const { columnId } = await oral();
    await succeeded(typed(columnId, 3, { who: 'supplyTeacher' }));
    expect(await cell('Wren E.')).toMatchObject({ figure: 3 });
  });
});

test('a copied class counts as the first did, with what is set there in the same categories', async () => {
  await setWork(house);
  const columnId = (await book()).columns[0]!.id;
  const asking = { id: 'new', title: 'Asking', weight: 2, dropLowest: 1 };
  await succeeded(ruled({ categories: [asking], cap: 100 }, 0, [{ columnId, categoryId: 'new' }]));
  const { classId } = await succeeded(
    as(house, 'teacher', copyClass, { classId: house.classId, title: 'Again', groupName: '8A' }),
  );
  const { cap, categories } = await findGradebook(database, classId);
  expect({ cap, categories }).toMatchObject({
    cap: 100,
    categories: [{ title: 'Asking', weight: 2, dropLowest: 1 }],
  });
  expect([...(await listPlacesOfColumns(database, classId)).values()]).toEqual([categories[0]?.id]);
  // The first class keeps its own.
  expect((await book()).rules.categories[0]?.id).not.toBe(categories[0]?.id);
});

test('taken along as a file it says what stands before the eyes, to who teaches the class alone, and the log has it', async () => {
  const { columnId } = await oral('=1+1');
  await succeeded(typed(columnId, 7.5));
  await judgedPost(await setWork(house, { hidesNames: true }));
  const asked = (who: Who) =>
    maybeGradebookCsv(house.classId, { personId: house.people[who as 'teacher'], now: NOW, language: 'en' });
  const csv = (await asked('teacher'))?.content ?? '';
  const [head, ...lines] = csv.slice(1).split('\r\n');
  expect(head).toBe(`id,name,group,"'=1+1",2 Three skies,total %,word`);
  // The judged post has a number for a name yet, and no figure in the row of one.
  expect(lines).toContain(`${house.people.writer},Wren E.,,7.5,,75,`);
  for (const who of ['stranger', 'classmate', 'writer', 'editor', 'reader', 'administrator'] as const)
    expect(await asked(who)).toBeNull();
  const noted = await database.rows("SELECT 1 FROM audit_log WHERE use_case = 'takeGradebook'", {});
  expect(noted).toHaveLength(1);
});
