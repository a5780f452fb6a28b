import { expect, test } from 'vitest';
import {
  as,
  deskFor,
  desksFor,
  freshHouse,
  handInPost,
  setWork,
  succeeded,
  writePost,
} from '../../../../tests/server/house';
import { maybeCompose } from '../../views/writing/viewCompose';
import { maybeReview } from '../../views/review/viewReview';
import { adjustAssignment } from '../assignments/adjustAssignment';
import { sendBack } from './sendBack';

const house = freshHouse();

async function handedIn() {
  const assignmentId = await setWork(house);
  const postId = await writePost(house, assignmentId);
  return { assignmentId, postId, handInId: await handInPost(house, postId) };
}
const seenByWriter = async (postId: string) => (await maybeCompose(postId, await deskFor(house, 'writer')))!;

test('who is sent back until a day, and for what first, reads that, and is not late until then', async () => {
  const { assignmentId, postId, handInId } = await handedIn();
  const { writer } = house.people;
  const limits = { leftOut: [], limits: { words: { min: 2 } } };
  await succeeded(
    as(house, 'teacher', adjustAssignment, { assignmentId, personIds: [writer], due: null, ...limits }),
  );
  expect((await seenByWriter(postId)).sentBack).toBeNull();
  const more = { until: '2026-11-26T16:00', first: ' The second part. ' };
  await succeeded(as(house, 'teacher', sendBack, { postId, handInId, ...more }));
  const seen = await seenByWriter(postId);
  expect(seen.sentBack).toEqual({
    by: 'Tess Example',
    when: 'Tuesday',
    until: 'Thursday 26 November, 4\u00A0pm',
    first: 'The second part.',
  });
  // What is asked of them otherwise stays.
  expect(JSON.stringify(seen.assignment.requirements)).toContain('"min":2');
  await handInPost(house, postId, new Date('2026-11-25T09:00:00Z'));
  expect((await maybeReview(postId, await desksFor(house, 'teacher')))?.daysLate).toBe(0);
  expect((await seenByWriter(postId)).sentBack).toBeNull();
});

test('until earlier than it was due takes no time away; one that is over is refused, and nothing is done', async () => {
  const { postId, handInId } = await handedIn();
  const back = (until: string) => as(house, 'teacher', sendBack, { postId, handInId, until });
  expect(await back('2026-11-17T11:00')).toMatchObject({ code: 'review.untilPast', field: 'until' });
  expect((await seenByWriter(postId)).post.stage).toBe('handedIn');
  await succeeded(back('2026-11-18T16:00'));
  await handInPost(house, postId, new Date('2026-11-19T09:00:00Z'));
  expect((await maybeReview(postId, await desksFor(house, 'teacher')))?.daysLate).toBe(0);
});
