import { beforeEach, describe, expect, test } from 'vitest';
import {
  acceptedPost,
  as,
  deskFor,
  desksFor,
  freshHouse,
  handInPost,
  NOW,
  personOf,
  setWork,
  succeeded,
  writePost,
} from '../../../../tests/server/house';
import { readerOf } from '../../ground/access/reader';
import { database } from '../../ground/database/database';
import { countWaiting } from '../../tables/postsOfClass';
import { listDeletedShown, maybeAssignmentList } from '../../views/assignments/viewAssignment';
import { maybePost } from '../../views/blog/viewPost';
import { maybePile } from '../../views/review/listPile';
import { maybeReview } from '../../views/review/viewReview';
import { maybeTeacherToday } from '../../views/today/viewTeacherToday';
import { listWork } from '../../views/today/listWork';
import { maybeCompose } from '../../views/writing/viewCompose';
import { runOneJob } from '../chores/runJobs';
import { changePrivacy } from '../classes/changePrivacy';
import { beginPost } from '../posts/beginPost';
import { savePost } from '../posts/savePost';
import { deleteAssignment, previewAssignmentDeletion, restoreAssignment } from './deleteAssignment';
import { putAwayAssignment } from './putAwayAssignment';
import { setAssignment } from './setAssignment';
import { unsetAssignment } from './unsetAssignment';

const house = freshHouse();
let assignmentId: string;
beforeEach(async () => {
  assignmentId = await setWork(house);
});

const day = (days: number) => new Date(NOW.getTime() + days * 86_400_000);
const isSet = async () =>
  (await maybeAssignmentList(await deskFor(house, 'teacher')))?.find((one) => one.id === assignmentId)?.isSet;
const seenByWriter = async () =>
  (await listWork(await deskFor(house, 'writer'))).some((work) => work.assignmentId === assignmentId);

describe('what is set', () => {
  test('is unset while nobody has begun, and can be set again', async () => {
    await succeeded(as(house, 'teacher', unsetAssignment, { assignmentId }));
    expect([await isSet(), await seenByWriter()]).toEqual([false, false]);
    expect(await as(house, 'writer', beginPost, { assignmentId })).toMatchObject({ code: 'notThere' });
    expect(await as(house, 'teacher', unsetAssignment, { assignmentId })).toMatchObject({
      code: 'assignment.notSet',
    });
    await succeeded(as(house, 'teacher', setAssignment, { assignmentId }));
    expect([await isSet(), await seenByWriter()]).toEqual([true, true]);
  });

  test('is not unset once somebody has begun', async () => {
    await writePost(house, assignmentId);
    expect(await as(house, 'teacher', unsetAssignment, { assignmentId })).toMatchObject({
      code: 'assignment.begun',
    });
    expect(await isSet()).toBe(true);
  });
});

describe('what is put away', () => {
  test('is begun by nobody, and what was begun goes on', async () => {
    const postId = await writePost(house, assignmentId);
    await succeeded(as(house, 'teacher', putAwayAssignment, { assignmentId, away: true }));
    expect(await as(house, 'classmate', beginPost, { assignmentId })).toMatchObject({
      code: 'post.putAway',
    });
    expect((await listWork(await deskFor(house, 'classmate'))).map((work) => work.assignmentId)).toEqual([]);
    expect(await seenByWriter()).toBe(true);
    await handInPost(house, postId);
    expect((await maybePile(await desksFor(house, 'teacher')))?.map((slip) => slip.postId)).toEqual([postId]);
    const today = await maybeTeacherToday(await desksFor(house, 'teacher'));
    expect(today?.classes[0]?.assignments).toEqual([]);
    expect(today?.waiting).toBe(1);
    await succeeded(as(house, 'teacher', putAwayAssignment, { assignmentId, away: false }));
    await succeeded(as(house, 'classmate', beginPost, { assignmentId }));
  });
});

describe('what is deleted', () => {
  let postId: string;
  beforeEach(async () => {
    ({ postId } = await acceptedPost(house));
    const [row] = await database.rows<{ id: string }>(
      'SELECT assignment_id AS id FROM posts WHERE id = :postId',
      { postId },
    );
    assignmentId = row?.id ?? '';
  });
  const gone = (posts = 1) => as(house, 'teacher', deleteAssignment, { assignmentId, posts });
  const back = (now = NOW) =>
    as(house, 'teacher', restoreAssignment, { classId: house.classId, assignmentId }, now);
  const public_ = () => maybePost('wind', '2-skies', readerOf(null), NOW);

  test('says before what it takes along, and takes no more than was said', async () => {
    const told = await succeeded(as(house, 'teacher', previewAssignmentDeletion, { assignmentId }));
    expect(told).toEqual({ posts: 1, handedIn: 1, published: 1, comments: 0 });
    await succeeded(as(house, 'classmate', beginPost, { assignmentId }));
    expect(await gone(told.posts)).toMatchObject({ code: 'assignment.morePosts' });
    expect(await public_()).not.toBeNull();
  });

  test('is nowhere, for readers, writers and teachers, and is whole when it is brought back', async () => {
    await succeeded(gone());
    expect(await public_()).toBeNull();
    expect(await maybePost('wind', '2-skies', readerOf(personOf(house, 'classmate')), NOW)).toBeNull();
    expect(await maybeReview(postId, await desksFor(house, 'teacher'))).toBeNull();
    expect(await maybeCompose(postId, await deskFor(house, 'writer'))).toBeNull();
    expect(await seenByWriter()).toBe(false);
    expect(await as(house, 'writer', savePost, { postId, version: 2, writing: {} })).toMatchObject({
      ok: false,
    });
    const teacher = await deskFor(house, 'teacher');
    expect((await maybeAssignmentList(teacher))?.map((one) => one.id)).not.toContain(assignmentId);
    expect(await listDeletedShown(teacher)).toEqual([
      { id: assignmentId, title: 'Three skies', until: '17 December' },
    ]);
    await succeeded(back());
    expect(await public_()).not.toBeNull();
    expect(await maybeReview(postId, await desksFor(house, 'teacher'))).not.toBeNull();
    expect(await listDeletedShown(teacher)).toEqual([]);
    expect(await back()).toMatchObject({ code: 'notThere' });
  });

  test('comes back no further than the class lets it by then', async () => {
    await succeeded(gone());
    await succeeded(
      as(house, 'teacher', changePrivacy, {
        classId: house.classId,
        ceiling: 'ourClass',
        namingRule: 'firstName',
        searchEngines: false,
        editorsRead: false,
        consentNeeded: false,
      }),
    );
    await succeeded(back());
    expect(
      await database.rows("SELECT 1 FROM publications WHERE until IS NULL AND audience = 'everyone'"),
    ).toEqual([]);
  });

  test('waits on no pile, and no figure counts it', async () => {
    const waiting = await setWork(house);
    await handInPost(house, await writePost(house, waiting));
    expect(await countWaiting(database, { classIds: [house.classId], readerId: house.people.teacher })).toBe(
      1,
    );
    await succeeded(as(house, 'teacher', deleteAssignment, { assignmentId: waiting, posts: 1 }));
    expect(await countWaiting(database, { classIds: [house.classId], readerId: house.people.teacher })).toBe(
      0,
    );
    expect(await maybePile(await desksFor(house, 'teacher'))).toEqual([]);
    expect((await maybeTeacherToday(await desksFor(house, 'teacher')))?.waiting).toBe(0);
  });

  test('goes for good after its month, with its posts and nothing else', async () => {
    const other = await writePost(house, await setWork(house));
    await succeeded(gone());
    while (await runOneJob(day(29)));
    await succeeded(back(day(29)));
    await succeeded(gone());
    while (await runOneJob(day(31)));
    expect(await back(day(31))).toMatchObject({ code: 'notThere' });
    const left = await database.rows<{ id: string }>('SELECT id FROM posts ORDER BY id');
    expect(left.map((row) => row.id)).toEqual([other]);
    expect(
      await database.rows('SELECT id FROM assignments WHERE id = :assignmentId', { assignmentId }),
    ).toEqual([]);
  });
});
