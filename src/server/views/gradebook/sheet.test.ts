import { beforeEach, describe, expect, test } from 'vitest';
import {
  as,
  deskFor,
  EVERYBODY,
  freshHouse,
  handInPost,
  setWork,
  succeeded,
  whoSees,
  writePost,
} from '../../../../tests/server/house';
import { FIRST_RULES } from '../../../core/gradebook/rules';
import { changeYear } from '../../deeds/classes/changeYear';
import { giveBackColumn } from '../../deeds/gradebook/giveBackColumn';
import { keepColumn } from '../../deeds/gradebook/keepColumn';
import { keepFigures } from '../../deeds/gradebook/keepFigures';
import { keepRules } from '../../deeds/gradebook/keepRules';
import { giveBackGrade } from '../../deeds/reviews/giveBackGrade';
import { setGrade } from '../../deeds/reviews/setGrade';
import { listEveryWork } from '../today/listWork';
import { maybeCompose } from '../writing/viewCompose';
import { maybeReceipt } from '../writing/viewReceipt';
import { maybeOwnSheet } from './viewSheet';

const house = freshHouse();
let columnId: string;
beforeEach(async () => {
  columnId = await oral('An oral');
});
const oral = async (title: string, day = '2026-11-10') =>
  (
    await succeeded(
      as(house, 'teacher', keepColumn, {
        ...{ classId: house.classId, columnId: null, title, possible: 10, day, categoryId: null },
      }),
    )
  ).columnId;
const type = (figure: number, was: number | null = null, id = columnId) =>
  succeeded(
    as(house, 'teacher', keepFigures, {
      classId: house.classId,
      cells: [{ columnId: id, personId: house.people.writer, figure, was }],
    }),
  );
const giveBack = (figure: number, reason = '', id = columnId) =>
  as(house, 'teacher', giveBackColumn, {
    ...{ classId: house.classId, columnId: id, reason },
    figures: [{ personId: house.people.writer, figure }],
  });
const sheet = async (who: 'writer' | 'classmate' = 'writer') =>
  (await maybeOwnSheet(await deskFor(house, who)))!;
const figures = async () =>
  (await sheet()).terms.flatMap(({ categories }) => categories.flatMap((one) => one.figures));

describe('a student’s own sheet', () => {
  test('is for each student of the class, and shows their own', async () => {
    await type(8);
    await succeeded(giveBack(8));
    // Who is of another class sees their own of that one.
    const students = ['stranger', 'writer', 'classmate', 'editor'];
    expect(await whoSees(house, maybeOwnSheet)).toEqual(EVERYBODY.filter((who) => students.includes(who)));
    expect((await sheet('classmate')).terms).toEqual([]);
  });

  test('shows what was given back and nothing else, in what it receives anywhere', async () => {
    const [oralFigure, postFigure] = [7.123, 1.4321];
    await type(oralFigure);
    const postId = await writePost(house, await setWork(house));
    const handInId = await handInPost(house, postId);
    await succeeded(
      as(house, 'teacher', setGrade, { postId, handInId, grade: postFigure, reason: 'The unseen map.' }),
    );
    const received = async () => {
      const desk = await deskFor(house, 'writer');
      return JSON.stringify([
        await maybeOwnSheet(desk),
        await listEveryWork([desk]),
        await maybeCompose(postId, desk),
        await maybeReceipt(postId, desk),
      ]);
    };
    for (const secret of [String(oralFigure), String(postFigure), 'The unseen map.'])
      expect(await received()).not.toContain(secret);
    await succeeded(giveBack(oralFigure));
    expect(await received()).toContain(String(oralFigure));
    expect(await received()).not.toContain(String(postFigure));
    await succeeded(as(house, 'teacher', giveBackGrade, { postId, handInId, reason: '' }));
    expect(await received()).toContain(String(postFigure));
    // What is typed afterwards is not told before it is given back again.
    await type(9.876, oralFigure);
    expect(await received()).not.toContain('9.876');
  });

  test('a changed figure stands as old, new and reason', async () => {
    await type(8);
    await succeeded(giveBack(8));
    await type(6, 8);
    expect(await giveBack(6)).toMatchObject({ code: 'gradebook.noReasonAgain', field: 'reason' });
    await succeeded(giveBack(6, 'The second half was not yours.'));
    expect(await figures()).toMatchObject([
      { figure: 6, changed: { before: 8, reason: 'The second half was not yours.' } },
    ]);
    // Sent twice it is given back once.
    await succeeded(giveBack(6));
    expect(await figures()).toMatchObject([{ figure: 6, changed: { before: 8 } }]);
  });

  test('what another teacher typed meanwhile is not given back unseen', async () => {
    await type(8);
    expect(await succeeded(giveBack(7))).toEqual({ given: 0, otherwise: 1 });
    expect(await figures()).toEqual([]);
    expect(await giveBack(8, '', 'nothing')).toMatchObject({ code: 'gradebook.noColumn' });
  });

  test('totals are of that alone, by terms, with what is left out named', async () => {
    const place = { timeZone: 'Europe/Dublin', language: 'en-GB', holidays: [], schoolDays: [1] };
    const terms = [
      { name: 'Autumn', from: '2026-09-01', to: '2026-12-18' },
      { name: 'Spring', from: '2027-01-07', to: '2027-03-26' },
    ];
    await succeeded(as(house, 'teacher', changeYear, { classId: house.classId, ...place, terms }));
    const [other, spring, unseen] = [
      await oral('A test'),
      await oral('Late', '2027-01-10'),
      await oral('Unseen'),
    ];
    const category = { id: 'new', title: 'Telling', weight: 1, dropLowest: 1 };
    const places = [columnId, other, unseen].map((id) => ({ columnId: id, categoryId: 'new' }));
    const rules = { ...FIRST_RULES, missing: 'zero', categories: [category], places, version: 0 } as const;
    await succeeded(as(house, 'teacher', keepRules, { classId: house.classId, ...rules }));
    for (const [id, figure] of [
      [columnId, 8],
      [other, 4],
      [spring, 5],
      [unseen, 0],
    ] as const)
      await type(figure, null, id);
    for (const [id, figure] of [
      [columnId, 8],
      [other, 4],
      [spring, 5],
    ] as const)
      await succeeded(giveBack(figure, '', id));
    const shown = await sheet();
    expect(shown.terms.map(({ name, overall }) => [name, overall])).toEqual([
      ['Spring', 50],
      ['Autumn', 80],
    ]);
    const dropped = shown.terms[1]?.categories[0]?.figures.map((one) => [one.title, one.dropped] as const);
    expect(new Map(dropped)).toEqual(
      new Map([
        ['An oral', false],
        ['A test', true],
      ]),
    );
  });
});
