import { beforeEach, describe, expect, test } from 'vitest';
import { atOnce, codesOf, MANY, ofThem } from '../../../../tests/server/atOnce';
import { addPerson, as, freshHouse, NOW, succeeded } from '../../../../tests/server/house';
import type { TakenCell } from '../../../contract/gradebook/keepFigures';
import { FIRST_RULES } from '../../../core/gradebook/rules';
import { database } from '../../ground/database/database';
import { findGradebook } from '../../tables/gradebooks';
import { leaveClassAs } from '../../tables/memberships';
import { listOwnColumns, listOwnFigures } from '../../tables/ownColumns';
import { dropColumn } from './dropColumn';
import { keepColumn } from './keepColumn';
import { keepFigures } from './keepFigures';
import { keepRules } from './keepRules';

const house = freshHouse({ atOnce: true });
let columnId: string;
beforeEach(async () => {
  ({ columnId } = await succeeded(make('An oral')));
});

const make = (title: string) =>
  as(house, 'teacher', keepColumn, {
    ...{ classId: house.classId, columnId: null, title, possible: 10, day: null, categoryId: null },
  });
const type = (who: 'teacher' | 'coTeacher', figure: number, was: number | null = null) =>
  as(house, who, keepFigures, {
    classId: house.classId,
    cells: [{ columnId, personId: house.people.writer, figure, was }],
  });
const rule = (who: 'teacher' | 'coTeacher', title: string, version = 0) =>
  as(house, who, keepRules, {
    ...{ classId: house.classId, ...FIRST_RULES, version, places: [] },
    categories: [{ id: 'new', title, weight: 1, dropLowest: 0 }],
  });
const drop = () => as(house, 'teacher', dropColumn, { classId: house.classId, columnId });
const stands = async () => (await listOwnFigures(database, house.classId)).map(({ figure }) => figure);

describe('four hundred times at once', () => {
  test('of two teachers’ figures for one cell one stands, and all others are told which', async () => {
    const typed = await atOnce((index) =>
      type(index % 2 === 0 ? 'teacher' : 'coTeacher', index % 2 === 0 ? 7 : 8),
    );
    expect(ofThem(typed)).toBe(MANY);
    const [figure] = await stands();
    const told = typed.flatMap((outcome) =>
      outcome.ok ? (outcome.value as { readonly taken: readonly TakenCell[] }).taken : [],
    );
    expect(told).toHaveLength(MANY / 2);
    expect(new Set(told.map((cell) => cell.figure))).toEqual(new Set([figure]));
  });

  test('a column is made once', async () => {
    expect(ofThem(await atOnce(() => make('A test')))).toBe(MANY);
    expect(await listOwnColumns(database, house.classId)).toHaveLength(2);
  });

  test('of rules made from the same version one is kept', async () => {
    const kept = await atOnce((index) =>
      rule(index % 2 === 0 ? 'teacher' : 'coTeacher', `Category ${index}`),
    );
    expect(ofThem(kept)).toBe(1);
    expect(codesOf(kept)).toEqual(new Set(['gradebook.changedMeanwhile']));
    expect(await findGradebook(database, house.classId)).toMatchObject({ version: 1, categories: [{}] });
  });

  test('a figure beside its column’s end is either there no more, or was never typed', async () => {
    const all = await atOnce((index) => (index === MANY / 2 ? drop() : type('teacher', index % 10)), MANY);
    expect(codesOf(all).size).toBeLessThanOrEqual(1);
    expect(await stands()).toEqual([]);
  });
});

test('a block of thousands of cells is one statement’s work, and names each cell once', async () => {
  const personIds = [house.people.writer, house.people.classmate];
  for (let index = 0; index < 8; index += 1)
    personIds.push(await addPerson(`Child${index}`, house.classId, 'student'));
  const cells = Array.from({ length: 5000 }, (_, index) => ({
    columnId,
    personId: personIds[index % personIds.length]!,
    figure: index % 10,
    was: null,
  }));
  const { kept, taken } = await succeeded(
    as(house, 'teacher', keepFigures, { classId: house.classId, cells }),
  );
  expect([kept, taken.length]).toEqual([personIds.length, 0]);
  expect(await stands()).toHaveLength(personIds.length);
  const tooMany = [...cells, ...cells];
  expect(await as(house, 'teacher', keepFigures, { classId: house.classId, cells: tooMany })).toMatchObject({
    ok: false,
  });
});

test('a teacher who was taken out of the class with the grid open types nothing more', async () => {
  const coTeacher = house.people.coTeacher;
  await leaveClassAs(database, { classId: house.classId, personId: coTeacher, role: 'coTeacher', at: NOW });
  expect(await type('coTeacher', 7)).toMatchObject({ ok: false });
  expect(await rule('coTeacher', 'Asking')).toMatchObject({ ok: false });
  expect(await stands()).toEqual([]);
});
