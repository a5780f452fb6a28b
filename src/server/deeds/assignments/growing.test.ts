import { beforeEach, expect, test } from 'vitest';
import { as, deskFor, FIELDS, setWork, succeeded, writing, freshHouse } from '../../../../tests/server/house';
import { maybeCompose } from '../../views/writing/viewCompose';
import { maybeReview } from '../../views/review/viewReview';
import { listWork } from '../../views/today/listWork';
import { maybeTeacherToday } from '../../views/today/viewTeacherToday';
import { maybeAssignmentToRead } from '../../views/assignments/viewAssignment';
import { beginPost } from '../posts/beginPost';
import { handIn } from '../posts/handIn';
import { savePost } from '../posts/savePost';
import { accept } from '../reviews/accept';
import { judge } from '../reviews/judge';
import { openHandIn } from '../reviews/openHandIn';
import { changeAssignment } from './changeAssignment';

const ENTRIES = { id: 'log', kind: 'entries', weight: 'required', points: 4, partial: true, min: 4 };
const GROWING = {
  due: '2026-12-11T16:00',
  missing: 'stops',
  requirements: [ENTRIES],
  growing: { startBy: '2026-11-18T16:00', milestones: [{ by: '2026-11-27T16:00', entries: 2 }] },
} as const;
const on = (moment: string) => new Date(`2026-${moment}:00Z`);

const house = freshHouse();
let assignmentId: string;
let postId: string;
let version: number;
beforeEach(async () => {
  assignmentId = await setWork(house, GROWING);
  ({ postId } = await succeeded(as(house, 'writer', beginPost, { assignmentId })));
  version = 1;
});

const change = (more: object) =>
  as(house, 'teacher', changeAssignment, {
    assignmentId,
    version: 2,
    fields: { ...FIELDS, ...GROWING, ...more },
  });

/** Writes so many entries and hands them in. */
async function hand(entries: number, moment: string) {
  const html = Array.from({ length: entries }, (_, index) => `<h2>${index + 1}. Grey</h2><p>a day</p>`).join(
    '',
  );
  const saved = await succeeded(
    as(house, 'writer', savePost, { postId, version, writing: writing(html || '<p>begun</p>') }, on(moment)),
  );
  version = saved.version;
  return as(house, 'writer', handIn, { postId, version }, on(moment));
}

const deskOn = async (who: 'writer' | 'teacher' | 'coTeacher', moment: string) => ({
  ...(await deskFor(house, who)),
  now: on(moment),
});
const states = (steps: readonly { readonly state: string }[] | undefined) =>
  steps?.map((step) => step.state).join(' ');

test('missing entries stop nobody before the day of a milestone, by its number on that day, and all of them at the end', async () => {
  expect(await hand(0, '11-18T09:00')).toMatchObject({ ok: true });
  expect(await hand(1, '11-20T09:00')).toMatchObject({ ok: true });
  expect(await hand(1, '11-27T09:00')).toMatchObject({ code: 'post.missingStops' });
  expect(await hand(2, '11-27T10:00')).toMatchObject({ ok: true });
  expect(await hand(3, '12-03T10:00')).toMatchObject({ ok: true });
  expect(await hand(3, '12-11T10:00')).toMatchObject({ code: 'post.missingStops' });
  expect(await hand(4, '12-11T15:00')).toMatchObject({ ok: true });
  const compose = await maybeCompose(postId, await deskOn('writer', '12-11T15:30'));
  expect(states(compose?.steps)).toBe('reached reached reached');
  expect(compose?.counting).toEqual({ what: 'everything' });
});

test('whoever looks sees what is next, and how the post stood at each step', async () => {
  const work = async (moment: string) => (await listWork(await deskOn('writer', moment)))[0];
  expect(await work('11-17T12:00')).toMatchObject({
    dueDate: '2026-11-18',
    past: false,
    step: { kind: 'start' },
  });
  await succeeded(hand(1, '11-17T12:00'));
  expect(await work('11-20T12:00')).toMatchObject({ dueDate: '2026-11-27', step: { entries: 2 } });
  expect(await work('12-01T12:00')).toMatchObject({ dueDate: '2026-12-11', step: { kind: 'finish' } });
  expect(await work('12-12T12:00')).toMatchObject({ dueDate: '2026-12-11', past: true, step: null });
  const today = await maybeTeacherToday([await deskOn('teacher', '11-20T12:00')]);
  expect(today?.classes[0]?.assignments[0]).toMatchObject({ dueDate: '2026-11-27', step: { entries: 2 } });
  const read = await maybeAssignmentToRead(assignmentId, await deskOn('writer', '11-28T12:00'));
  expect(read?.steps).toMatchObject([
    { state: 'reached' },
    { state: 'missed', had: 1 },
    { state: 'toCome', had: 1 },
  ]);
  const review = await maybeReview(postId, [await deskOn('teacher', '11-28T12:00')]);
  expect(states(review?.steps)).toBe('reached missed toCome');
});

test('each teacher is shown what is new since their own last reading, or since a chosen hand-in', async () => {
  await succeeded(hand(1, '11-17T12:00'));
  const desk = await deskOn('teacher', '11-20T12:00');
  const first = await maybeReview(postId, [desk]);
  await succeeded(as(house, 'teacher', openHandIn, { postId, handInId: first?.handInId }));
  await succeeded(hand(2, '11-18T12:00'));
  await succeeded(hand(3, '11-19T12:00'));
  const review = await maybeReview(postId, [desk]);
  expect(review?.changed).toMatchObject({ ordinal: 1 });
  expect(review?.changed?.readAt).not.toBeNull();
  const since = async (ordinal: number) => (await maybeReview(postId, [desk], { since: ordinal }))?.changed;
  expect(await since(2)).toMatchObject({ ordinal: 2, readAt: null });
  const other = await maybeReview(postId, [await deskOn('coTeacher', '11-20T12:00')]);
  expect(other?.changed).toMatchObject({ ordinal: 2, readAt: null });
  expect(other?.earlier.map(({ ordinal }) => ordinal)).toEqual([1, 2]);
  expect(review?.changed?.changes.words.added).toBeGreaterThanOrEqual(6);
});

test('early hand-ins are not the ones that are late: the accepted one is', async () => {
  await succeeded(hand(1, '11-17T12:00'));
  await succeeded(hand(4, '12-13T12:00'));
  const review = await maybeReview(postId, [await deskOn('teacher', '12-14T12:00')]);
  expect(review?.daysLate).toBe(2);
  const named = { postId, handInId: review?.handInId };
  await succeeded(as(house, 'teacher', openHandIn, named));
  await succeeded(as(house, 'teacher', judge, { ...named, criterionId: 'noticing', level: 1 }));
  await succeeded(as(house, 'teacher', accept, named));
  expect((await maybeReview(postId, [await deskOn('teacher', '12-14T12:00')]))?.grade.daysLate).toBe(2);
});

test.each([
  [{ growing: { ...GROWING.growing, startBy: '2026-12-20T16:00' } }, 'order', 'growing.startBy'],
  [{ requirements: FIELDS.requirements }, 'noEntries', 'growing.milestones.0'],
  [{ due: '2026-11-26T16:00' }, 'order', 'growing.milestones.0'],
])('steps that cannot stand are refused at their field: %j', async (more, fault, field) => {
  expect(await change(more)).toMatchObject({ code: `assignment.step.${fault}`, field });
});

test('nonsense for a step is refused', async () => {
  expect(await change({ growing: { startBy: 'soon', milestones: [] } })).toMatchObject({ ok: false });
  expect(
    await change({ growing: { startBy: null, milestones: [{ by: '2026-11-27T16:00', entries: 0 }] } }),
  ).toMatchObject({ ok: false });
  expect(await change({ growing: null })).toMatchObject({ ok: true });
});
