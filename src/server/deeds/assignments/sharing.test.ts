import { beforeEach, describe, expect, test } from 'vitest';
import {
  addClass,
  addMember,
  addPerson,
  as,
  deskFor,
  desksFor,
  FIELDS,
  handInPost,
  type House,
  NOW,
  setWork,
  succeeded,
  writePost,
  freshHouse,
} from '../../../../tests/server/house';
import { database } from '../../ground/database/database';
import { listHandIns } from '../../tables/handIns';
import { maybePile } from '../../views/review/listPile';
import { maybeReview } from '../../views/review/viewReview';
import { listWork } from '../../views/today/listWork';
import { findAssignment, type AssignmentRow } from '../../tables/assignments';
import { maybeBuilder } from '../../views/assignments/viewBuilder';
import { restClass } from '../classes/restClass';
import { beginPost } from '../posts/beginPost';
import { previewEvidence, reviseEvidence } from '../evidence/reviseEvidence';
import { changeAssignment } from './changeAssignment';
import { giveAssignment, partAssignment } from './giveAssignment';
import { setAssignment } from './setAssignment';

const house = freshHouse();
let otherId: string;
let student: string;
beforeEach(async () => {
  otherId = await addClass('fern', 'FERN1', 'ourClass');
  await addMember(house.people.teacher, otherId, 'teacher');
  student = await addPerson('Ferdi', otherId, 'student');
});

const give = (assignmentId: string, due = '2026-11-24T16:00', classId = otherId) =>
  as(house, 'teacher', giveAssignment, { assignmentId, classId, due });
const change = async (assignmentId: string, more: object, who: 'teacher' | 'coTeacher' = 'teacher') => {
  const version = (await rowOf(assignmentId)).version;
  return as(house, who, changeAssignment, { assignmentId, version, fields: { ...FIELDS, ...more } });
};
async function rowOf(id: string): Promise<AssignmentRow> {
  return (await findAssignment(database, id, NOW))!;
}

test('another class is given the same with a due time, a number and an audience of its own', async () => {
  await setWork(house);
  const assignmentId = await setWork(house, {
    set: false,
    growing: { startBy: '2026-11-18T16:00', milestones: [] },
  } as object);
  const { assignmentId: there } = await succeeded(give(assignmentId));
  expect(await rowOf(there)).toMatchObject({
    classId: otherId,
    number: 1,
    title: 'Three skies',
    dueAt: new Date('2026-11-24T16:00:00Z'),
    growing: { startBy: '2026-11-23T16:00' },
    audience: 'ourClass',
    setAt: null,
  });
  await succeeded(as(house, 'teacher', setAssignment, { assignmentId }));
  expect((await rowOf(there)).setAt).not.toBeNull();
  const builder = await maybeBuilder(assignmentId, await deskFor(house, 'teacher'));
  expect(builder?.given).toMatchObject([{ assignmentId: there, classId: otherId, due: '2026-11-24T16:00' }]);
});

test('what is set already is set there at once, and a second giving moves its due time', async () => {
  const assignmentId = await setWork(house);
  const { assignmentId: there } = await succeeded(give(assignmentId));
  expect((await rowOf(there)).setAt).toEqual(NOW);
  expect(await succeeded(give(assignmentId, '2026-11-25T09:00'))).toEqual({ assignmentId: there });
  expect((await rowOf(there)).dueAt).toEqual(new Date('2026-11-25T09:00:00Z'));
});

test('a change goes to both, from either side; due times stay', async () => {
  const assignmentId = await setWork(house);
  const { assignmentId: there } = await succeeded(give(assignmentId));
  await succeeded(change(assignmentId, { title: 'Four skies' }));
  expect(await rowOf(there)).toMatchObject({ title: 'Four skies', dueAt: new Date('2026-11-24T16:00:00Z') });
  await succeeded(change(there, { title: 'Five skies', due: '2026-11-30T16:00', audience: 'ourClass' }));
  expect(await rowOf(assignmentId)).toMatchObject({
    title: 'Five skies',
    number: 2,
    dueAt: new Date('2026-11-19T16:00:00Z'),
  });
});

test('whoever does not teach the other class changes nothing there', async () => {
  const assignmentId = await setWork(house);
  const { assignmentId: there } = await succeeded(give(assignmentId));
  await succeeded(change(assignmentId, { title: 'Only here' }, 'coTeacher'));
  expect((await rowOf(there)).title).toBe('Three skies');
  const builder = await maybeBuilder(assignmentId, await deskFor(house, 'coTeacher'));
  expect(builder?.given).toEqual([]);
  expect(builder?.givenUnseen).toBe(1);
  const refused = await as(house, 'coTeacher', giveAssignment, {
    assignmentId,
    classId: otherId,
    due: '2026-11-24T16:00',
  });
  expect(refused).toMatchObject({ code: 'notThere' });
});

test('whose evidence would change is said of both classes, and revised in both', async () => {
  const assignmentId = await setWork(house);
  const { assignmentId: there } = await succeeded(give(assignmentId));
  await handInPost(house, await writePost(house, assignmentId));
  const abroad: House = { classId: otherId, people: { ...house.people, writer: student } };
  const theirs = await writePost(abroad, there, '<p>one two three four five</p>');
  await handInPost(abroad, theirs);
  const requirements = [{ ...FIELDS.requirements[0], min: 10 }];
  const preview = await succeeded(as(house, 'teacher', previewEvidence, { assignmentId, requirements }));
  expect(preview.changes.map((one) => one.writer).sort()).toEqual(['Ferdi E.', 'Wren E.']);
  await succeeded(change(assignmentId, { requirements }));
  await succeeded(as(house, 'teacher', reviseEvidence, { assignmentId }));
  expect((await listHandIns(database, theirs))[0]?.evidence.points).toMatchObject({ earned: 2 });
});

test('both classes’ posts are one pile, from either side, for who teaches both', async () => {
  const assignmentId = await setWork(house);
  const { assignmentId: there } = await succeeded(give(assignmentId));
  const abroad: House = { classId: otherId, people: { ...house.people, writer: student } };
  const theirs = await writePost(abroad, there, '<p>one two three four five</p>');
  await handInPost(abroad, theirs, new Date(NOW.getTime() - 3_600_000 * 5));
  const ours = await writePost(house, assignmentId);
  await handInPost(house, ours);
  const desks = await desksFor(house, 'teacher');
  expect(await maybePile(desks)).toMatchObject([
    { postId: theirs, writer: 'Ferdi E.', group: '8B' },
    { postId: ours, writer: 'Wren E.', group: '8B' },
  ]);
  expect(await maybeReview(theirs, desks)).toMatchObject({ writer: { name: 'Ferdi E.' }, classId: otherId });
  const coTeacher = await desksFor(house, 'coTeacher');
  expect(await maybePile(coTeacher)).toMatchObject([{ postId: ours, group: null }]);
  expect(await maybeReview(theirs, coTeacher)).toBeNull();
});

describe('taken away again', () => {
  test('it is deleted where nobody has begun', async () => {
    const assignmentId = await setWork(house);
    const { assignmentId: there } = await succeeded(give(assignmentId));
    expect(await succeeded(as(house, 'teacher', partAssignment, { assignmentId: there }))).toEqual({
      deleted: true,
    });
    expect(await findAssignment(database, there, NOW)).toBeNull();
    expect((await rowOf(assignmentId)).sharedId).toBeNull();
    expect(await as(house, 'teacher', partAssignment, { assignmentId })).toMatchObject({
      code: 'assignment.notShared',
    });
  });

  test('it goes its own way where somebody has', async () => {
    const assignmentId = await setWork(house);
    const { assignmentId: there } = await succeeded(give(assignmentId));
    const abroad: House = { classId: otherId, people: { ...house.people, writer: student } };
    await succeeded(as(abroad, 'writer', beginPost, { assignmentId: there }));
    expect(await succeeded(as(house, 'teacher', partAssignment, { assignmentId: there }))).toEqual({
      deleted: false,
    });
    await succeeded(change(assignmentId, { title: 'Only here' }));
    expect(await rowOf(there)).toMatchObject({ title: 'Three skies', sharedId: null });
    const desk = { ...(await deskFor(abroad, 'writer')) };
    expect((await listWork(desk)).map((work) => work.title)).toEqual(['Three skies']);
  });
});

test.each<[string, () => Promise<string>, object]>([
  ['its own class', () => Promise.resolve(house.classId), { code: 'assignment.sameClass', field: 'classId' }],
  ['a class that is not there', () => Promise.resolve('nosuchclass00000'), { code: 'notThere' }],
  [
    'a class that rests',
    async () => {
      await succeeded(as(house, 'teacher', restClass, { classId: otherId, rest: true }));
      return otherId;
    },
    { code: 'class.resting' },
  ],
])('it is not given to %s', async (_, classId, refusal) => {
  const assignmentId = await setWork(house);
  expect(await give(assignmentId, '2026-11-24T16:00', await classId())).toMatchObject(refusal);
  expect(await give(assignmentId, 'tomorrow')).toMatchObject({ ok: false, field: 'due' });
});
