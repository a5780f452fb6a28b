import { expect, test } from 'vitest';
import {
  addPerson,
  as,
  deskFor,
  freshHouse,
  handInPost,
  setWork,
  succeeded,
  writePost,
} from '../../../../tests/server/house';
import { addDays, instantOf, localDate } from '../../../core/timing/zonedTime';
import { findRole } from '../../ground/access/roles';
import { database } from '../../ground/database/database';
import { listMembers } from '../../tables/memberships';
import { maybeWhereWeAre } from '../../views/today/viewWhereWeAre';
import { maybeTeacherToday } from '../../views/today/viewTeacherToday';
import { giveTeacher } from '../administration/giveTeacher';
import { changeLook } from '../classes/changeLook';
import { deleteClass } from '../classes/deleteClass';
import { leaveLine } from '../classes/leaveLine';
import { invite } from '../invitations/invite';
import { openHandIn } from '../reviews/openHandIn';
import { changeLastDay } from './changeLastDay';
import { handOverClass } from './handOverClass';
import { removeMember } from './removeMember';

const house = freshHouse();

const endAt = (at: Date | null) =>
  database.change('UPDATE memberships SET until = :at WHERE person_id = :id', {
    id: house.people.supplyTeacher,
    at,
  });
const FUTURE = new Date(Date.now() + 86_400_000);

test('the last day is asked at each deed: once it is over, nothing of the class is there any more', async () => {
  const postId = await writePost(house, await setWork(house));
  const handInId = await handInPost(house, postId);
  await endAt(FUTURE);
  expect(await as(house, 'supplyTeacher', openHandIn, { postId, handInId })).toMatchObject({ ok: true });
  await endAt(new Date(Date.now() - 1000));
  expect(await as(house, 'supplyTeacher', openHandIn, { postId, handInId })).toMatchObject({
    code: 'notThere',
  });
  expect(await findRole(database, house.classId, house.people.supplyTeacher)).toBeNull();
  const names = (await listMembers(database, house.classId)).map((one) => one.givenName);
  expect(names).not.toContain('Supp');
});

test('another last day is given while they are here, and not once they are gone', async () => {
  await endAt(FUTURE);
  const now = new Date();
  const day = (days: number) => addDays(localDate(now.getTime(), 'Europe/Dublin'), days);
  const input = { classId: house.classId, personId: house.people.supplyTeacher };
  const change = (lastDay: string, more = {}) =>
    as(house, 'teacher', changeLastDay, { ...input, lastDay, ...more }, now);
  await succeeded(change(day(3)));
  const [row] = await database.rows<{ until: Date }>(
    'SELECT until FROM memberships WHERE person_id = :personId',
    input,
  );
  expect(row?.until).toEqual(new Date(instantOf(`${day(4)}T00:00`, 'Europe/Dublin')));
  expect(await change(day(-1))).toMatchObject({ code: 'roster.lastDay.over', field: 'lastDay' });
  expect(await change(day(300))).toMatchObject({ code: 'roster.lastDay.tooFar', field: 'lastDay' });
  expect(await change('next friday')).toMatchObject({ ok: false });
  expect(await change(day(3), { personId: house.people.coTeacher })).toMatchObject({ code: 'notThere' });
  await endAt(new Date(Date.now() - 1000));
  expect(await change(day(3))).toMatchObject({ code: 'notThere' });
});

test('an invitation to take over says until when, and nobody else has a last day', async () => {
  const asked = { classId: house.classId, email: 'nia@example.org', personId: null };
  expect(await as(house, 'teacher', invite, { ...asked, role: 'supplyTeacher' })).toMatchObject({
    code: 'roster.lastDay.missing',
    field: 'lastDay',
  });
  expect(
    await as(house, 'teacher', invite, { ...asked, role: 'reader', lastDay: '2026-11-20' }),
  ).toMatchObject({ code: 'roster.lastDay.missing' });
  await succeeded(as(house, 'teacher', invite, { ...asked, role: 'supplyTeacher', lastDay: '2026-11-20' }));
});

test('a supply teacher can be taken out before the last day', async () => {
  await endAt(FUTURE);
  const who = { classId: house.classId, personId: house.people.supplyTeacher };
  await succeeded(as(house, 'teacher', removeMember, who));
  expect(await findRole(database, house.classId, house.people.supplyTeacher)).toBeNull();
});

test('where we are says what waits, what was left, and until when it is theirs', async () => {
  const postId = await writePost(house, await setWork(house));
  await handInPost(house, postId);
  await endAt(new Date('2026-11-21T00:00:00Z'));
  await database.change('UPDATE memberships SET until = :at WHERE person_id = :id', {
    id: house.people.supplyTeacher,
    at: new Date('2099-11-21T00:00:00Z'),
  });
  const line = (words: string) => ({ classId: house.classId, words });
  await succeeded(as(house, 'teacher', leaveLine, line('Give them Tuesday.')));
  await succeeded(as(house, 'teacher', leaveLine, line('Give them Wednesday.')));
  await succeeded(as(house, 'supplyTeacher', leaveLine, line('All read.')));
  const here = await maybeWhereWeAre(await deskFor(house, 'supplyTeacher'));
  expect(here).toMatchObject({
    waiting: 1,
    lastDay: 'Friday 20 November',
    lines: [{ name: 'Tess Example', words: 'Give them Wednesday.' }],
    own: { words: 'All read.' },
  });
  expect(here?.days).toHaveLength(5);
  const today = await maybeTeacherToday([await deskFor(house, 'teacher')]);
  expect(today?.classes[0]?.linesLeft).toEqual(['Supp Example']);
  expect(await maybeWhereWeAre(await deskFor(house, 'writer'))).toBeNull();
});

test('a class is handed over to a co-teacher, who can delete it then; the giver goes on teaching', async () => {
  const { classId, people } = house;
  const to = (personId: string) => as(house, 'teacher', handOverClass, { classId, personId });
  for (const nobody of [people.supplyTeacher, people.writer, people.stranger, people.reader])
    expect(await to(nobody)).toMatchObject({ code: 'notThere' });
  expect(await Promise.all([to(people.coTeacher), to(people.coTeacher)])).toEqual(
    expect.arrayContaining([
      expect.objectContaining({ ok: true }),
      expect.objectContaining({ code: 'notThere' }),
    ]),
  );
  expect(await findRole(database, classId, people.coTeacher)).toBe('teacher');
  expect(await findRole(database, classId, people.teacher)).toBe('coTeacher');
  expect(
    await as(house, 'teacher', deleteClass, { classId, students: 3, posts: 0, pictures: 0 }),
  ).toMatchObject({
    code: 'notThere',
  });
});

test('a class whose teacher is gone gets another by the administrator', async () => {
  const { classId, people } = house;
  const nadja = await addPerson('Nadja', null, null, 'teacher');
  const give = (personId: string, formerStays: boolean) =>
    as(house, 'administrator', giveTeacher, { classId, personId, formerStays });
  expect(await give(people.writer, false)).toMatchObject({ code: 'class.needsAccount' });
  await succeeded(give(nadja, false));
  expect(await findRole(database, classId, nadja)).toBe('teacher');
  expect(await findRole(database, classId, people.teacher)).toBeNull();
  expect(await as(house, 'teacher', changeLook, { classId, look: 'gable' })).toMatchObject({ ok: false });
  await succeeded(give(people.coTeacher, true));
  expect(await findRole(database, classId, nadja)).toBe('coTeacher');
  // Given once more to who runs it already, nothing is lost.
  await succeeded(give(people.coTeacher, false));
  expect(await findRole(database, classId, people.coTeacher)).toBe('teacher');
});

test('four hundred at once: a class keeps exactly one who runs it', async () => {
  const { classId, people } = house;
  const others = [people.coTeacher, people.supplyTeacher, people.teacher];
  await Promise.all(
    Array.from({ length: 400 }, (_, index) =>
      as(house, 'administrator', giveTeacher, {
        classId,
        personId: others[index % others.length] ?? '',
        formerStays: index % 2 === 0,
      }),
    ),
  );
  const teachers = (await listMembers(database, classId)).filter((one) => one.role === 'teacher');
  expect(teachers).toHaveLength(1);
});
