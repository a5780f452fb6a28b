import { beforeEach, expect, test } from 'vitest';
import { filesIn } from '../../../../tests/server/filesIn';
import {
  acceptedPost,
  addClass,
  addMember,
  as,
  EVERYBODY,
  NOW,
  personOf,
  succeeded,
  freshHouse,
} from '../../../../tests/server/house';
import { findActor } from '../../ground/access/roles';
import { readerOf } from '../../ground/access/reader';
import { maybeFront } from '../../views/blog/viewFront';
import { database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { listDeletedClasses, listOwnClasses } from '../../views/class/listOwnClasses';
import { maybeClassArchive, maybeRosterCsv } from '../archives/archiveClass';
import { runOneJob } from '../chores/runJobs';
import { listNames } from '../sessions/listNames';
import { deleteClass, previewClassDeletion } from './deleteClass';
import { makeClass } from './makeClass';
import { restClass } from './restClass';
import { restoreClass } from './restoreClass';

const house = freshHouse();
const later = (days: number) => new Date(NOW.getTime() + days * 86_400_000);
const TITLE = 'Wind & Weather';
beforeEach(async () => {
  await acceptedPost(house);
});

const it = () => ({ classId: house.classId });
/** Takes the archive along to its last byte. */
const archive = async (who: 'teacher' | 'coTeacher' = 'teacher', now = NOW) =>
  filesIn(await maybeClassArchive(house.classId, { personId: house.people[who], now }));
const rest = () => succeeded(as(house, 'teacher', restClass, { ...it(), rest: true }));
const HOLDS = { students: 3, posts: 1, pictures: 0 };
const remove = (told = HOLDS) => as(house, 'teacher', deleteClass, { ...it(), ...told });

async function removed(): Promise<void> {
  await rest();
  await archive();
  await succeeded(remove());
}

test('it takes rest, then an archive, then what goes with it as it was told', async () => {
  expect(await remove()).toMatchObject({ code: 'class.restFirst' });
  await archive('teacher', later(-1));
  await rest();
  expect(await remove()).toMatchObject({ code: 'class.archiveFirst' });
  // An archive that was only begun is none.
  const begun = await maybeClassArchive(house.classId, { personId: house.people.teacher, now: NOW });
  await (begun?.content as ReadableStream).cancel();
  expect(await remove()).toMatchObject({ code: 'class.archiveFirst' });
  await archive();
  // What goes with it has to be what its teacher was told.
  for (const other of [{ students: 2 }, { posts: 0 }, { pictures: 1 }])
    expect(await remove({ ...HOLDS, ...other })).toMatchObject({ code: 'class.holdsOthers' });
  expect((await remove()).ok).toBe(true);
});

test('what goes is said before, and who would go with it', async () => {
  const second = await addClass('third', 'THIRD1', 'ourClass');
  await addMember(house.people.classmate, second, 'student');
  expect(await succeeded(as(house, 'teacher', previewClassDeletion, it()))).toEqual({
    students: 3,
    posts: 1,
    published: 1,
    pictures: 0,
    onlyHere: 2,
  });
});

test('a deleted class is nowhere, and can be brought back as it was', async () => {
  await removed();
  expect(await maybeFront('wind', readerOf(null), NOW)).toBeNull();
  expect(await listNames({ code: 'WIND1' }, { address: '192.0.2.7', now: NOW })).toMatchObject({ ok: false });
  expect(await listOwnClasses(house.people.writer)).toEqual([]);
  expect((await findActor(database, house.classId, house.people.teacher)).role).toBeNull();
  expect(await as(house, 'teacher', restClass, { ...it(), rest: false })).toMatchObject({ code: 'notThere' });
  expect(await listDeletedClasses(house.people.coTeacher)).toEqual([]);
  expect(await listDeletedClasses(house.people.teacher)).toMatchObject([{ id: house.classId, title: TITLE }]);
  await succeeded(as(house, 'teacher', restoreClass, it(), later(29)));
  expect((await maybeFront('wind', readerOf(null), NOW))?.posts).toHaveLength(1);
  expect(await listOwnClasses(house.people.writer)).toMatchObject([{ state: 'resting' }]);
  // The job that was to erase it finds it brought back.
  while (await runOneJob(later(31)));
  expect(await maybeFront('wind', readerOf(null), NOW)).not.toBeNull();
});

/** A file of the house's class that an assignment of each of some classes has with it. */
async function givesOut(name: string, ...classIds: readonly string[]): Promise<void> {
  await database.change(
    `INSERT INTO handouts (id, class_id, uploaded_by, name, size, content_hash, created_at)
     VALUES (:name, :classId, :teacher, :name, 1, :hash, :now)`,
    { name, classId: house.classId, teacher: house.people.teacher, hash: name.repeat(16), now: NOW },
  );
  for (const classId of classIds) {
    const id = newId();
    await database.change(
      `INSERT INTO assignments (id, class_id, number, title, instructions, requirements, rubric, late_rule, audience,
         release_rule, missing_rule, drafts_open, version, created_by, created_at)
       SELECT :id, :classId, number, title, instructions, requirements, rubric, late_rule, audience, release_rule,
         missing_rule, drafts_open, version, created_by, created_at FROM assignments LIMIT 1`,
      { id, classId },
    );
    await database.change('INSERT INTO assignment_handouts (assignment_id, handout_id) VALUES (:id, :name)', {
      id,
      name,
    });
  }
}

test('a month later it is gone for good, and the students who were only there with it', async () => {
  const second = await addClass('third', 'THIRD1', 'ourClass');
  await addMember(house.people.writer, second, 'student');
  await givesOut('only', house.classId);
  await givesOut('both', house.classId, second);
  await removed();
  expect(await as(house, 'teacher', restoreClass, it(), later(30))).toMatchObject({
    code: 'class.goneForGood',
  });
  while (await runOneJob(later(30)));
  const left = async (sql: string) => (await database.rows<{ count: number }>(sql))[0]?.count;
  expect(await left('SELECT COUNT(*) AS count FROM posts')).toBe(0);
  expect(await left("SELECT COUNT(*) AS count FROM classes WHERE address = 'wind'")).toBe(0);
  // A file that another class gives out too stays with it.
  expect(await database.rows('SELECT name, class_id AS classId FROM handouts')).toEqual([
    { name: 'both', classId: null },
  ]);
  const { writer, classmate, teacher, reader } = house.people;
  const people = (await database.rows<{ id: string }>('SELECT id FROM people')).map((row) => row.id);
  expect([writer, classmate, teacher, reader].map((id) => people.includes(id))).toEqual([
    true,
    false,
    true,
    true,
  ]);
  const place = { title: TITLE, groupName: '', timeZone: 'UTC', language: 'en' };
  expect((await as(house, 'teacher', makeClass, place)).ok).toBe(true);
});

test('the archive has what was handed in, and is for the teachers of the class', async () => {
  const named = await maybeClassArchive(house.classId, { personId: house.people.teacher, now: NOW });
  expect(named?.name).toBe('wind-weather-8b.zip');
  const files = await archive('coTeacher');
  expect(Object.keys(files).map((name) => name.replace(/-[^/]{4}\//, '/'))).toEqual([
    'class.json',
    'roster.csv',
    'wren-e/2-three-skies/hand-in-1.html',
    'wren-e/2-three-skies/post.json',
  ]);
  expect(files['roster.csv']).toContain('Wren,Example');
  for (const who of EVERYBODY) {
    const personId = personOf(house, who) ?? '';
    const teaches = who === 'teacher' || who === 'coTeacher';
    expect([who, (await maybeClassArchive(house.classId, { personId, now: NOW })) !== null]).toEqual([
      who,
      teaches,
    ]);
    expect([who, (await maybeRosterCsv(house.classId, personId)) !== null]).toEqual([who, teaches]);
  }
});
