import { beforeEach, expect, test } from 'vitest';
import { countStatements } from '../../../../tests/server/countStatements';
import {
  acceptPost,
  as,
  deskFor,
  FIELDS,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writePost,
  writing,
  writeNote,
} from '../../../../tests/server/house';
import { findAssignment } from '../../tables/assignments';
import { database } from '../../ground/database/database';
import { listWork } from '../../views/today/listWork';
import { adjustAssignment } from '../assignments/adjustAssignment';
import { changeAssignment } from '../assignments/changeAssignment';
import { changeWords } from '../classes/changeWords';
import { giveBackGrade } from '../reviews/giveBackGrade';
import { savePost } from './savePost';

const house = freshHouse();
let assignmentId: string;
let postId: string;
beforeEach(async () => {
  assignmentId = await setWork(house);
  postId = await writePost(house, assignmentId);
});

const work = async (now = NOW) => listWork({ ...(await deskFor(house, 'writer')), now });
const slats = async () => (await work()).map((one) => one.slats);
const measuredAt = async () =>
  (await database.rows<{ at: Date }>('SELECT measured_at AS at FROM post_standings')).map((row) => row.at);
const change = async (requirements: readonly object[]) =>
  succeeded(
    as(house, 'teacher', changeAssignment, {
      assignmentId,
      version: (await findAssignment(database, assignmentId, NOW))?.version,
      fields: { ...FIELDS, requirements },
    }),
  );

test('a list measures a draft once, and again when its words have changed', async () => {
  expect(await slats()).toEqual([['met', 'bonusOffered']]);
  const again = await countStatements(work);
  await database.change('UPDATE post_standings SET slats = \'["waits"]\'');
  expect(await slats()).toEqual([['waits']]);
  const changed = writing('<p>grey</p>', '2 · Skies', ['three-skies']);
  await succeeded(as(house, 'writer', savePost, { postId, version: 2, writing: changed }));
  expect(await slats()).toEqual([['partly', 'bonus']]);
  expect(await countStatements(work)).toBe(again);
});

test.each([
  ['what is asked for', () => change([{ ...FIELDS.requirements[0], min: 40 }])],
  [
    'what is asked of one student',
    () =>
      as(house, 'teacher', adjustAssignment, {
        assignmentId,
        personIds: [house.people.writer],
        due: null,
        leftOut: ['bonus'],
        limits: {},
      }),
  ],
  [
    'the words of the class',
    () => as(house, 'teacher', changeWords, { classId: house.classId, words: ['fog'] }),
  ],
])('it is measured again when %s has changed', async (_, changed) => {
  await slats();
  await database.change('UPDATE post_standings SET slats = \'["waits"]\'');
  await changed();
  expect(await slats()).not.toEqual([['waits']]);
});

test('what other people do is looked at again after a while, and only where it is asked for', async () => {
  await work();
  const later = new Date(NOW.getTime() + 3_600_000);
  await work(later);
  expect(await measuredAt()).toEqual([NOW]);
  await change([{ id: 'talk', kind: 'comments', weight: 'required', points: 1, min: 1 }]);
  await work();
  await work(new Date(NOW.getTime() + 60_000));
  expect(await measuredAt()).toEqual([NOW]);
  await work(later);
  expect(await measuredAt()).toEqual([later]);
});

test('as many statements for many assignments as for one, with grades and notes', async () => {
  await work();
  const one = await countStatements(work);
  for (let more = 0; more < 3; more += 1) {
    const id = await writePost(house, await setWork(house));
    const named = { postId: id, handInId: await handInPost(house, id) };
    await acceptPost(house, id, named.handInId);
    for (const text of ['Look again.', 'Now I see it.'])
      await writeNote(house, 'teacher', { ...named, text });
    await succeeded(as(house, 'teacher', giveBackGrade, named));
  }
  const listed = await work();
  expect(listed.filter((each) => each.postId !== postId)).toMatchObject(
    Array.from({ length: 3 }, () => ({ notes: 2, grade: { grade: expect.any(Number) as number } })),
  );
  expect(listed.find((each) => each.postId === postId)).toMatchObject({ notes: 0, said: null, grade: null });
  expect(await countStatements(work)).toBe(one);
});
