import { beforeEach, expect, test } from 'vitest';
import {
  acceptedPost,
  as,
  deskFor,
  desksFor,
  freshHouse,
  handInPost,
  NOW,
  succeeded,
} from '../../../../tests/server/house';
import { database } from '../../ground/database/database';
import { findPublication } from '../../tables/publications';
import { findPlannedOpening } from '../../tables/plannedOpenings';
import { leaveClassAs } from '../../tables/memberships';
import { maybeReview } from '../../views/review/viewReview';
import { maybeSet } from '../../views/set/viewSet';
import { openPlanned } from '../chores/openPlanned';
import { changePrivacy } from '../classes/changePrivacy';
import { savePost } from '../posts/savePost';
import { sendBack } from '../reviews/sendBack';
import { findPost } from '../../tables/posts';
import { dropOpening } from './dropOpening';
import { narrowPost } from './narrowPost';
import { planOpening } from './planOpening';

const house = freshHouse();
let named: { readonly postId: string; readonly handInId: string };
beforeEach(async () => {
  named = await acceptedPost(house);
  const { postId } = named;
  await succeeded(as(house, 'teacher', narrowPost, { postId, audience: 'writerAndTeachers' }));
});

/** An hour after now in the class's time zone. */
const LATER = '2026-11-17T13:00';
const THEN = new Date('2026-11-17T13:00:00Z');
const plan = (audience = 'everyone', at = LATER, who: 'teacher' | 'coTeacher' = 'teacher') =>
  as(house, who, planOpening, { postId: named.postId, audience, at });
const comes = (at = THEN) => openPlanned({ postId: named.postId }, 'job', at);
const readBy = async () => (await findPublication(database, named.postId))?.audience ?? null;
const planned = () => findPlannedOpening(database, named.postId);

test('a post opens when its time has come, once, and nobody reads it before', async () => {
  await succeeded(plan());
  expect(await readBy()).toBeNull();
  const review = await maybeReview(named.postId, await desksFor(house, 'coTeacher'));
  expect(review?.readers.planned).toMatchObject({ audience: 'everyone', notOpened: false });
  await comes(NOW);
  expect(await readBy()).toBeNull();
  await comes();
  expect(await readBy()).toBe('everyone');
  expect(await planned()).toBeNull();
  await succeeded(as(house, 'teacher', narrowPost, { postId: named.postId, audience: 'ourClass' }));
  await comes();
  expect(await readBy()).toBe('ourClass');
});

test('a time that is over, or for nobody, is refused', async () => {
  expect(await plan('everyone', '2026-11-17T11:00')).toMatchObject({ code: 'publish.timePast', field: 'at' });
  expect(await plan('writerAndTeachers')).toMatchObject({ code: 'publish.timePast' });
  for (const at of ['2026-13-01T10:00', '2026-12-32T10:00', '2026-12-01T24:00', '0000-01-01T00:00'])
    expect(await plan('everyone', at)).toMatchObject({ code: 'input.pattern', field: 'at' });
  expect(await planned()).toBeNull();
});

test('planned again it opens at the later time, and what was left does not open', async () => {
  await succeeded(plan());
  await succeeded(plan('ourClass', '2026-11-17T14:00', 'coTeacher'));
  await comes();
  expect(await readBy()).toBeNull();
  await succeeded(as(house, 'teacher', dropOpening, { postId: named.postId }));
  await comes(new Date('2026-11-17T14:00:00Z'));
  expect(await readBy()).toBeNull();
});

test('what narrows in between is asked again at the time, and why it stayed closed stands there', async () => {
  await succeeded(plan());
  const privacy = { consentNeeded: false, namingRule: 'firstName', searchEngines: false, editorsRead: false };
  await succeeded(
    as(house, 'teacher', changePrivacy, { classId: house.classId, ...privacy, ceiling: 'ourClass' }),
  );
  await comes();
  expect(await readBy()).toBeNull();
  expect(await planned()).toMatchObject({ refused: 'publish.tooWide' });
  const set = await maybeSet(
    (await findPost(database, named.postId))!.assignmentId,
    await deskFor(house, 'teacher'),
  );
  expect(set?.groups.flatMap(({ rows }) => rows).find(({ postId }) => postId === named.postId)).toMatchObject(
    {
      planned: { notOpened: true },
    },
  );
  // It is not tried again by itself once the class is wider.
  await succeeded(plan('ourClass'));
  await comes();
  expect(await readBy()).toBe('ourClass');
});

test('handed in again it waits for the teacher, and sent back nothing is planned any more', async () => {
  await succeeded(plan());
  const { version } = (await findPost(database, named.postId))!;
  const writing = {
    title: '2 · Skies',
    labels: [],
    body: {
      type: 'doc',
      content: [{ type: 'paragraph', content: [{ type: 'text', text: 'All of it is new.' }] }],
    },
  };
  await succeeded(as(house, 'writer', savePost, { postId: named.postId, version, writing }));
  const handInId = await handInPost(house, named.postId);
  await comes();
  expect([await readBy(), (await planned())?.refused !== null]).toEqual([null, true]);
  await succeeded(as(house, 'teacher', sendBack, { postId: named.postId, handInId }));
  expect(await planned()).toBeNull();
});

test('whoever planned it and does not teach the class any more opens nothing', async () => {
  await succeeded(plan('everyone', LATER, 'coTeacher'));
  const left = {
    classId: house.classId,
    personId: house.people.coTeacher,
    at: NOW,
    role: 'coTeacher',
  } as const;
  await leaveClassAs(database, left);
  await comes();
  expect([await readBy(), (await planned())?.refused !== null]).toEqual([null, true]);
});

test('four hundred plans at once leave one, and its time opens it once', async () => {
  await Promise.all(Array.from({ length: 400 }, () => plan()));
  await Promise.all(Array.from({ length: 20 }, () => comes()));
  const rows = await database.rows(
    'SELECT id FROM publications WHERE post_id = :postId AND until IS NULL',
    named,
  );
  expect(rows).toHaveLength(1);
  expect(await readBy()).toBe('everyone');
});
