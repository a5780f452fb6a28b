import { beforeEach, expect, test } from 'vitest';
import {
  acceptedPost,
  addClass,
  addMember,
  as,
  NOW,
  succeeded,
  freshHouse,
} from '../../../../tests/server/house';
import { findRole } from '../../ground/access/roles';
import { database } from '../../ground/database/database';
import { findPerson } from '../../tables/people';
import { runOneJob } from '../chores/runJobs';
import { deleteAnybody, previewErasure, restoreAnybody, searchPeople } from './deleteAnybody';

const house = freshHouse();
const later = (days: number) => new Date(NOW.getTime() + days * 86_400_000);
beforeEach(async () => {
  await acceptedPost(house);
  // Somebody whom no single teacher may delete.
  const other = await addClass('tides', 'TIDES1', 'ourClass');
  await addMember(house.people.writer, other, 'student');
  await database.change("UPDATE people SET password_hash = 'x', email = 'wren@example.org' WHERE id = :id", {
    id: house.people.writer,
  });
});

const them = () => ({ personId: house.people.writer });
const find = async (words: string) =>
  (await succeeded(as(house, 'administrator', searchPeople, { words }))).people;

test.each([['wre'], ['ren ex'], ['WREN@']])('%s finds them, with their classes', async (words) => {
  expect(await find(words)).toMatchObject([
    { personId: house.people.writer, classes: 'Wind & Weather, 8B', eraseAt: null, teaches: false },
  ]);
});

test('who teaches is shown as such', async () => {
  for (const name of ['Tess', 'Cory', 'Ada']) expect(await find(name)).toMatchObject([{ teaches: true }]);
});

test('signs of the query language are letters like any other', async () => {
  expect(await find('%%')).toEqual([]);
  expect(await find('__')).toEqual([]);
  expect(await as(house, 'administrator', searchPeople, { words: ' w ' })).toMatchObject({
    code: 'account.searchTooShort',
    field: 'words',
  });
});

test('a student with an account, in classes of several teachers, is deleted and brought back', async () => {
  expect(await succeeded(as(house, 'administrator', previewErasure, them()))).toMatchObject({
    posts: 1,
    published: 1,
  });
  await succeeded(as(house, 'administrator', deleteAnybody, them()));
  expect(await findRole(database, house.classId, house.people.writer)).toBeNull();
  expect((await find('wren'))[0]?.eraseAt).toEqual(later(30));
  expect(await as(house, 'administrator', deleteAnybody, them())).toMatchObject({ code: 'notThere' });
  await succeeded(as(house, 'administrator', restoreAnybody, them(), later(1)));
  expect(await findRole(database, house.classId, house.people.writer)).toBe('student');
  expect(await as(house, 'administrator', restoreAnybody, them())).toMatchObject({ code: 'notThere' });
});

test('a month later they are gone for good', async () => {
  await succeeded(as(house, 'administrator', deleteAnybody, them()));
  expect(await as(house, 'administrator', restoreAnybody, them(), later(31))).toMatchObject({
    code: 'roster.goneForGood',
  });
  while (await runOneJob(later(31)));
  expect(await findPerson(database, house.people.writer)).toBeNull();
});

test.each(['teacher', 'coTeacher', 'administrator'] as const)(
  'a %s is not deleted like that',
  async (who) => {
    const input = { personId: house.people[who] };
    expect(await as(house, 'administrator', previewErasure, input)).toMatchObject({
      code: 'account.teaches',
    });
    expect(await as(house, 'administrator', deleteAnybody, input)).toMatchObject({ code: 'account.teaches' });
  },
);
