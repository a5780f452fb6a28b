import { beforeEach, describe, expect, test } from 'vitest';
import {
  as,
  deskFor,
  desksFor,
  freshHouse,
  NOW,
  setWork,
  succeeded,
  writing,
  type Who,
} from '../../../../tests/server/house';
import { database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { listHandIns } from '../../tables/handIns';
import { findPost } from '../../tables/posts';
import { maybeReview } from '../../views/review/viewReview';
import { maybeSet } from '../../views/set/viewSet';
import { maybeCompose } from '../../views/writing/viewCompose';
import { beAtPost } from './beAtPost';
import { beginPost } from './beginPost';
import { handIn } from './handIn';
import { savePost } from './savePost';
import { takeBack } from './takeBack';
import { typeIn } from './typeIn';

const house = freshHouse();
let assignmentId: string;
beforeEach(async () => {
  assignmentId = await setWork(house);
});

const type = (who: Who = 'teacher', personId = house.people.classmate) =>
  as(house, who, typeIn, { assignmentId, personId });
const save = async (who: Who, postId: string, html: string) =>
  as(house, who, savePost, {
    postId,
    version: (await findPost(database, postId))?.version ?? 0,
    writing: writing(html, 'On paper'),
  });
const hand = async (who: Who, postId: string) =>
  as(house, who, handIn, { postId, version: (await findPost(database, postId))?.version });
const row = async (who: 'teacher' | 'coTeacher' = 'teacher') =>
  (await maybeSet(assignmentId, await deskFor(house, who)))?.groups
    .flatMap(({ rows }) => rows)
    .find(({ key }) => key === house.people.classmate);
const NOT_THERE = { ok: false, code: 'notThere' };

describe('what was done on paper', () => {
  test('is typed in by a teacher, counted as for others, and the student is its writer', async () => {
    const { postId } = await succeeded(type());
    const desk = await maybeCompose(postId, await deskFor(house, 'teacher'));
    expect(desk).toMatchObject({
      typing: { by: 'Tess Example', mine: true },
      writer: { id: house.people.teacher, nameInClass: 'Mate E.' },
    });
    expect(await row()).toMatchObject({
      state: 'draft',
      typedInBy: 'Tess Example',
      way: `/class/${house.classId}/writing/${postId}`,
    });
    await succeeded(save('teacher', postId, '<p>grey all day long</p>'));
    await succeeded(as(house, 'teacher', beAtPost, { postId, page: '0'.repeat(36) }));
    await succeeded(hand('teacher', postId));
    const [handedIn] = await listHandIns(database, postId);
    expect(handedIn?.evidence.requirements[0]).toMatchObject({ id: 'words', state: 'met', measured: 4 });
    expect(await maybeReview(postId, await desksFor(house, 'coTeacher'))).toMatchObject({
      writer: { name: 'Mate E.' },
      typedInBy: 'Tess Example',
    });
    expect(await maybeCompose(postId, await deskFor(house, 'classmate'))).toMatchObject({
      typing: { by: 'Tess Example', mine: false },
    });
    await succeeded(as(house, 'classmate', takeBack, { postId }));
  });

  test('is written in by who types it in alone, until it is handed in', async () => {
    const { postId } = await succeeded(type());
    for (const who of ['coTeacher', 'supplyTeacher', 'writer', 'editor', 'stranger', 'visitor'] as const) {
      expect(await save(who, postId, '<p>mine now</p>')).toMatchObject(NOT_THERE);
      expect(await hand(who, postId)).toMatchObject(NOT_THERE);
    }
    expect(await maybeCompose(postId, await deskFor(house, 'coTeacher'))).toBeNull();
    expect((await row('coTeacher'))?.way).toBeNull();
    await succeeded(save('teacher', postId, '<p>grey all day long</p>'));
    await succeeded(hand('teacher', postId));
    expect(await save('teacher', postId, '<p>not any more</p>')).toMatchObject(NOT_THERE);
    expect(await maybeCompose(postId, await deskFor(house, 'teacher'))).toBeNull();
    expect(await type()).toMatchObject({ code: 'post.begunAlready' });
  });

  test('is the student’s alone once they write on', async () => {
    const { postId } = await succeeded(type());
    await succeeded(save('teacher', postId, '<p>grey all day long</p>'));
    await succeeded(save('classmate', postId, '<p>grey all day long, I say</p>'));
    expect(await save('teacher', postId, '<p>no</p>')).toMatchObject(NOT_THERE);
    expect(await hand('teacher', postId)).toMatchObject(NOT_THERE);
    await succeeded(hand('classmate', postId));
  });
});

test('nobody types into what a student has begun', async () => {
  const { postId } = await succeeded(as(house, 'classmate', beginPost, { assignmentId }));
  expect(await type()).toMatchObject({ code: 'post.begunAlready' });
  expect(await save('teacher', postId, '<p>no</p>')).toMatchObject(NOT_THERE);
});

test('only for a student of the class, of an assignment that is set', async () => {
  for (const who of ['coTeacher', 'reader', 'stranger'] as const)
    expect(await type('teacher', house.people[who])).toMatchObject({ code: 'assignment.notAStudent' });
  expect(await type('teacher', newId())).toMatchObject({ code: 'assignment.notAStudent' });
  for (const who of ['writer', 'classmate', 'editor', 'reader', 'stranger', 'visitor'] as const)
    expect(await type(who)).toMatchObject(NOT_THERE);
  assignmentId = await setWork(house, { set: false });
  expect(await type()).toMatchObject({ code: 'post.notSet' });
});

test('who typed it in and is gone leaves the post with its writer', async () => {
  const { postId } = await succeeded(type('coTeacher'));
  await database.change('UPDATE memberships SET left_at = :at WHERE person_id = :id', {
    at: NOW,
    id: house.people.coTeacher,
  });
  expect(await save('coTeacher', postId, '<p>no</p>')).toMatchObject(NOT_THERE);
  await succeeded(save('classmate', postId, '<p>grey all day long</p>'));
});
