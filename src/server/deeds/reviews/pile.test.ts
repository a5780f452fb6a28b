import { expect, test } from 'vitest';
import {
  acceptPost,
  as,
  deskFor,
  desksFor,
  FIELDS,
  handInPost,
  NOW,
  setWork,
  succeeded,
  whoSees,
  writePost,
  freshHouse,
  writing,
} from '../../../../tests/server/house';
import { maybeReceipt } from '../../views/writing/viewReceipt';
import { maybeCompose } from '../../views/writing/viewCompose';
import { maybeArrangedPile, maybePile } from '../../views/review/listPile';
import { maybeReview } from '../../views/review/viewReview';
import { changeAssignment } from '../assignments/changeAssignment';
import { changeYear } from '../classes/changeYear';
import { beginPost } from '../posts/beginPost';
import { handIn } from '../posts/handIn';
import { savePost } from '../posts/savePost';
import { sendBack } from './sendBack';

const HOUR = 3_600_000;
const house = freshHouse();

/** The other student's post for an assignment, handed in some hours ago. */
async function classmatesPost(assignmentId: string, hoursAgo: number): Promise<string> {
  const { postId } = await succeeded(as(house, 'classmate', beginPost, { assignmentId }));
  await succeeded(
    as(house, 'classmate', savePost, { postId, version: 1, writing: writing('<p>mine is about ice</p>') }),
  );
  await succeeded(
    as(house, 'classmate', handIn, { postId, version: 2 }, new Date(NOW.getTime() - hoursAgo * HOUR)),
  );
  return postId;
}

test('the pile keeps assignments together and puts the oldest first', async () => {
  const skies = await setWork(house);
  const sayings = await setWork(house);
  await succeeded(
    as(house, 'teacher', changeAssignment, {
      assignmentId: sayings,
      version: 2,
      fields: { ...FIELDS, title: 'Sayings' },
    }),
  );
  const first = await classmatesPost(skies, 9);
  const other = await classmatesPost(sayings, 5);
  const late = await writePost(house, skies);
  await handInPost(house, late, new Date(NOW.getTime() - HOUR));
  const pile = (await maybeArrangedPile(await desksFor(house, 'teacher')))?.parts.flat();
  expect(pile?.map((slip) => [slip.postId, slip.hoursWaiting])).toEqual([
    [first, 9],
    [late, 1],
    [other, 5],
  ]);
  expect(pile?.[0]).toMatchObject({
    writer: 'Mate E.',
    monogram: 'ME',
    ordinal: 1,
    daysLate: 0,
    slats: ['met', 'bonusOffered'],
  });
});

test('what was answered is no longer in the pile, what comes again is, with its ordinal and lateness', async () => {
  const postId = await writePost(house, await setWork(house));
  const handInId = await handInPost(house, postId);
  await succeeded(as(house, 'teacher', sendBack, { postId, handInId }));
  const desk = await deskFor(house, 'coTeacher');
  expect(await maybePile([desk])).toEqual([]);
  await handInPost(house, postId, new Date('2026-11-21T09:00:00Z'));
  expect(await maybePile([desk])).toMatchObject([{ ordinal: 2, daysLate: 2 }]);
});

test('pile and review are the teachers’ of that class; the desk and the receipt the writer’s alone', async () => {
  const postId = await writePost(house, await setWork(house));
  expect(await whoSees(house, (desk) => maybeReview(postId, [desk]))).toEqual([]);
  expect(await whoSees(house, (desk) => maybeReceipt(postId, desk))).toEqual([]);
  await handInPost(house, postId);
  expect(await whoSees(house, (desk) => maybePile([desk]))).toEqual([
    'supplyTeacher',
    'coTeacher',
    'teacher',
  ]);
  expect(await whoSees(house, (desk) => maybeReview(postId, [desk]))).toEqual([
    'supplyTeacher',
    'coTeacher',
    'teacher',
  ]);
  expect(await whoSees(house, (desk) => maybeCompose(postId, desk))).toEqual(['writer']);
  expect(await whoSees(house, (desk) => maybeReceipt(postId, desk))).toEqual(['writer']);
});

test('a receipt says when, what, to whom, and how early or late', async () => {
  const postId = await writePost(
    house,
    await setWork(house),
    '<p>two words <a href="https://a.example/">the chart</a></p>',
  );
  await handInPost(house, postId);
  const desk = await deskFor(house, 'writer');
  expect(await maybeReceipt(postId, desk)).toMatchObject({
    handedIn: 'Tuesday 17 November, 12\u00A0pm',
    daysEarly: 2,
    daysLate: 0,
    words: 4,
    links: 1,
    pictures: 0,
    ordinal: 1,
    opened: false,
    teachers: ['Tess Example', 'Cory Example', 'Supp Example'],
    nameOutside: 'Wren',
  });
});

test('a reviewed post tells three facts apart from each other', async () => {
  const postId = await writePost(house, await setWork(house));
  const desk = await deskFor(house, 'teacher');
  const handInId = await handInPost(house, postId);
  expect(await maybeReview(postId, [desk])).toMatchObject({
    readers: { now: null, whenAccepted: 'everyone' },
    readBy: [],
    gradeGivenBack: null,
    grade: { provisional: true },
  });
  await acceptPost(house, postId, handInId);
  expect(await maybeReview(postId, [desk])).toMatchObject({
    stage: 'accepted',
    readers: { now: { to: 'everyone', heldBack: null } },
    readBy: [{ name: 'Tess Example' }],
    gradeGivenBack: null,
    grade: { grade: 10, provisional: false },
  });
});

test('days late leave out the holidays of the class, wherever they are shown', async () => {
  const lateRule = { kind: 'points', perDay: 1, schoolDaysOnly: true };
  const assignmentId = await setWork(house, { lateRule });
  const postId = await writePost(house, assignmentId);
  // Due on Thursday: Friday and Monday are days of school.
  await handInPost(house, postId, new Date('2026-11-23T09:00:00Z'));
  const late = async () => {
    const desk = await deskFor(house, 'teacher');
    return [(await maybeReview(postId, [desk]))?.daysLate, (await maybePile([desk]))?.[0]?.daysLate];
  };
  expect(await late()).toEqual([2, 2]);
  const year = { terms: [], schoolDays: [1, 2, 3, 4, 5], timeZone: 'Europe/Dublin', language: 'en-GB' };
  const holidays = [{ name: 'Founder’s day', from: '2026-11-20', to: '2026-11-20' }];
  await succeeded(as(house, 'teacher', changeYear, { classId: house.classId, ...year, holidays }));
  expect(await late()).toEqual([1, 1]);
});
