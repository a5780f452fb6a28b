import { beforeEach, expect, test } from 'vitest';
import {
  addClass,
  as,
  desksFor,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  writeNote,
  succeeded,
  writePost,
} from '../../../../tests/server/house';
import { atOnce, ofThem } from '../../../../tests/server/atOnce';
import { maybeArrangedPile } from '../../views/review/listPile';
import { maybeReview } from '../../views/review/viewReview';
import { answerNote } from '../notes/answerNote';
import { settleNote } from '../notes/settleNote';
import { arrangePile } from './arrangePile';
import { beAtReview } from './beAtReview';
import { judge } from './judge';
import { sendBack } from './sendBack';
import { takeSlip } from './takeSlip';

const MINUTE = 60_000;
const house = freshHouse({ atOnce: true });
let postId = '';
let handInId = '';

beforeEach(async () => {
  postId = await writePost(house, await setWork(house));
  handInId = await handInPost(house, postId);
});

const later = (minutes: number) => new Date(NOW.getTime() + minutes * MINUTE);
const slipFor = async (who: 'teacher' | 'coTeacher', at = NOW) => {
  const desks = await desksFor(house, who);
  const pile = await maybeArrangedPile([{ ...desks[0], now: at }]);
  return pile?.parts.flat().find((slip) => slip.postId === postId);
};

test('a slip says that another teacher has it open, and no longer once that page was left or fell silent', async () => {
  await succeeded(as(house, 'coTeacher', beAtReview, { postId, handInId }));
  expect((await slipFor('teacher'))?.openWith).toBe('Cory Example');
  expect((await slipFor('coTeacher'))?.openWith).toBeNull();
  expect(await succeeded(as(house, 'teacher', beAtReview, { postId, handInId }))).toMatchObject({
    openWith: ['Cory Example'],
    takenBy: null,
  });
  expect((await slipFor('teacher', later(2)))?.openWith).toBeNull();
  await succeeded(as(house, 'coTeacher', beAtReview, { postId, handInId, leaving: true }));
  expect((await slipFor('teacher'))?.openWith).toBeNull();
});

test('one teacher takes a slip, another is told who; it is free half an hour after it was last used, or once it is left', async () => {
  await succeeded(as(house, 'teacher', takeSlip, { postId, handInId, taken: true }));
  expect((await slipFor('teacher'))?.takenBy).toEqual({ name: 'Tess Example', mine: true });
  expect((await slipFor('coTeacher'))?.takenBy).toEqual({ name: 'Tess Example', mine: false });
  expect(await as(house, 'coTeacher', takeSlip, { postId, handInId, taken: true })).toMatchObject({
    code: 'review.taken',
    values: { name: 'Tess Example' },
  });
  // Still used after twenty minutes, so still hers after forty.
  await succeeded(as(house, 'teacher', beAtReview, { postId, handInId }, later(20)));
  expect((await slipFor('coTeacher', later(40)))?.takenBy).not.toBeNull();
  expect((await slipFor('coTeacher', later(51)))?.takenBy).toBeNull();
  await succeeded(as(house, 'coTeacher', takeSlip, { postId, handInId, taken: true }, later(51)));
  // Who comes back to it does not get it back by that.
  await succeeded(as(house, 'teacher', beAtReview, { postId, handInId }, later(52)));
  expect((await slipFor('teacher', later(52)))?.takenBy).toEqual({ name: 'Cory Example', mine: false });
  await succeeded(as(house, 'coTeacher', takeSlip, { postId, handInId, taken: false }, later(53)));
  expect((await slipFor('teacher', later(53)))?.takenBy).toBeNull();
});

test('of two who take it four hundred times at once, one has it', async () => {
  const outcomes = await atOnce((index) =>
    as(house, index % 2 ? 'teacher' : 'coTeacher', takeSlip, { postId, handInId, taken: true }),
  );
  const taken = [0, 1].map((parity) => ofThem(outcomes, (index) => index % 2 === parity));
  expect(taken.sort((a, b) => a - b)).toEqual([0, outcomes.length / 2]);
});

test('taking one hinders nobody from answering it, and what is answered is taken by nobody', async () => {
  await succeeded(as(house, 'teacher', takeSlip, { postId, handInId, taken: true }));
  await succeeded(as(house, 'coTeacher', sendBack, { postId, handInId }));
  expect(await as(house, 'teacher', takeSlip, { postId, handInId, taken: true })).toMatchObject({
    code: 'post.cannotFollow',
  });
  await succeeded(as(house, 'teacher', beAtReview, { postId, handInId }));
  const again = await handInPost(house, postId, later(1));
  expect(await slipFor('teacher', later(1))).toMatchObject({ takenBy: null, openWith: null, ordinal: 2 });
  expect(await as(house, 'teacher', beAtReview, { postId, handInId })).toMatchObject({
    code: 'review.newerHandIn',
  });
  expect((await as(house, 'teacher', beAtReview, { postId, handInId: again })).ok).toBe(true);
});

test('whoever reads is told that another judged, decided or sent something meanwhile', async () => {
  const standing = async () =>
    (await succeeded(as(house, 'teacher', beAtReview, { postId, handInId }))).standing;
  const first = await standing();
  expect((await maybeReview(postId, await desksFor(house, 'teacher')))?.at.standing).toBe(first);
  expect(await standing()).toBe(first);
  await succeeded(as(house, 'coTeacher', judge, { postId, handInId, criterionId: 'noticing', level: 1 }));
  const judged = await standing();
  await writeNote(house, 'coTeacher', { postId, handInId, text: 'Look up.' });
  const noted = await standing();
  await succeeded(as(house, 'coTeacher', sendBack, { postId, handInId }));
  expect(new Set([first, judged, noted, await standing()]).size).toBe(4);
});

test('a slip says that its writer answered notes, and that one of the answers asks something, until they are settled', async () => {
  const noteId = await writeNote(house, 'teacher', { postId, handInId, text: 'Which way did it go?' });
  await succeeded(as(house, 'teacher', sendBack, { postId, handInId }));
  const answer = (text: string) => as(house, 'writer', answerNote, { postId, noteId, text, done: false });
  await succeeded(answer('To the harbour.'));
  await handInPost(house, postId, later(1));
  expect((await slipFor('teacher'))?.answers).toEqual({ count: 1, asks: false });
  await succeeded(answer('Is that enough? '));
  expect((await slipFor('teacher'))?.answers).toEqual({ count: 2, asks: true });
  await succeeded(as(house, 'teacher', settleNote, { postId, noteId, settled: true }));
  expect((await slipFor('teacher'))?.answers).toEqual({ count: 0, asks: false });
});

test('each teacher has the pile in their own order, of all their classes or one; a class that is none is all of them', async () => {
  const order = (by: unknown, classId: unknown = null, who: 'teacher' | 'coTeacher' = 'teacher') =>
    arrangePile({ by, classId }, { personId: house.people[who] });
  const pile = async (who: 'teacher' | 'coTeacher') => {
    const { by, classId, parts } = (await maybeArrangedPile(await desksFor(house, who)))!;
    return { by, classId, slips: parts.flat().length };
  };
  expect(await pile('teacher')).toMatchObject({ by: 'assignment', classId: null });
  await succeeded(order('second', house.classId));
  await succeeded(order('oldest', 'nowhere0nowhere0', 'coTeacher'));
  const { slips } = await pile('teacher');
  expect(slips).toBeGreaterThan(0);
  expect(await pile('teacher')).toMatchObject({ by: 'second', classId: house.classId });
  expect(await pile('coTeacher')).toMatchObject({ by: 'oldest', classId: null, slips });
  for (const wrong of [order('newest'), order('oldest', 7), order(undefined)])
    expect(await wrong).toMatchObject({ ok: false });
  await succeeded(order('second', await addClass('waves', 'SHORE2', 'everyone')));
  // Of a class that they do not teach they see nothing, and their own is not hidden by it.
  expect(await pile('teacher')).toMatchObject({ classId: null, slips });
});
