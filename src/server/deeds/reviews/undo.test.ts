import { beforeEach, describe, expect, test } from 'vitest';
import {
  addMember,
  as,
  deskFor,
  desksFor,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writePost,
  type Who,
} from '../../../../tests/server/house';
import { readerOf } from '../../ground/access/reader';
import { database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { getSettings } from '../../ground/settings/settings';
import { findPost } from '../../tables/posts';
import { countWaiting } from '../../tables/postsOfClass';
import { maybePost } from '../../views/blog/viewPost';
import { maybeArrangedPile } from '../../views/review/listPile';
import { maybeReview } from '../../views/review/viewReview';
import { maybeCompose } from '../../views/writing/viewCompose';
import { carryOut } from '../chores/carryOut';
import { runOneJob } from '../chores/runJobs';
import { keepNote } from '../notes/keepNote';
import { removeMember } from '../people/removeMember';
import { accept } from './accept';
import { decide } from './decide';
import { judge } from './judge';
import { openHandIn } from './openHandIn';
import { sendBack } from './sendBack';
import { undoDecision } from './undoDecision';

const house = freshHouse();
const SPAN = getSettings().undoSeconds * 1000;
const after = (milliseconds: number) => new Date(NOW.getTime() + milliseconds);
let postId: string;
let handInId: string;
beforeEach(async () => {
  postId = await writePost(house, await setWork(house), '<p>grey all day long</p>');
  handInId = await handInPost(house, postId);
  await succeeded(as(house, 'teacher', openHandIn, { postId, handInId }));
  await succeeded(as(house, 'teacher', judge, { postId, handInId, criterionId: 'noticing', level: 1 }));
});

const made = (decision: 'accept' | 'sendBack', who: Who = 'teacher', more: object = {}, now = NOW) =>
  as(house, who, decide, { postId, handInId, decision, ...more }, now);
const undo = (now: Date, who: Who = 'teacher') => as(house, who, undoDecision, { postId }, now);
const jobs = async (now: Date) => {
  while (await runOneJob(now));
};
const stage = async () => (await findPost(database, postId))?.stage;
const seen = async () => (await maybePost('wind', '2-skies', readerOf(null), NOW)) !== null;

describe('a decision', () => {
  test('is kept at once, seen by nobody else until it counts, and carried out then, whoever is there', async () => {
    const noteId = newId();
    const whole = { target: 'post', targetId: null, anchor: null, suggested: null, version: 0 } as const;
    await succeeded(
      as(house, 'teacher', keepNote, { postId, handInId, noteId, text: 'Which way?', ...whole }),
    );
    await succeeded(made('accept'));
    await jobs(after(SPAN - 1));
    expect([await stage(), await seen()]).toEqual(['handedIn', false]);
    const notes = async () => (await maybeCompose(postId, await deskFor(house, 'writer')))?.notes;
    expect(await notes()).toEqual([]);
    await jobs(after(SPAN));
    expect([await stage(), await seen()]).toEqual(['accepted', true]);
    expect(await notes()).toMatchObject([{ text: 'Which way?' }]);
    expect(await database.rows('SELECT * FROM pending_decisions')).toEqual([]);
  });

  test('is undone until then, and leaves nothing', async () => {
    await succeeded(made('sendBack', 'teacher', { first: 'Look at the end.' }));
    expect(await countWaiting(database, { classIds: [house.classId], readerId: house.people.teacher })).toBe(
      0,
    );
    expect((await maybeArrangedPile(await desksFor(house, 'coTeacher')))?.parts.flat()).toEqual([]);
    await succeeded(undo(after(SPAN - 1)));
    await jobs(after(SPAN * 2));
    expect(await stage()).toBe('handedIn');
    expect(await countWaiting(database, { classIds: [house.classId], readerId: house.people.teacher })).toBe(
      1,
    );
    expect(await database.rows('SELECT * FROM decisions')).toEqual([]);
  });

  test('is not undone once it counts, nor by another', async () => {
    await succeeded(made('accept'));
    expect(await undo(after(1), 'coTeacher')).toMatchObject({ code: 'review.tooLateToUndo' });
    expect(await undo(after(SPAN))).toMatchObject({ code: 'review.tooLateToUndo' });
    await jobs(after(SPAN));
    expect(await undo(after(SPAN))).toMatchObject({ code: 'review.tooLateToUndo' });
    expect(await stage()).toBe('accepted');
  });

  test('of another teacher stands in the way of one’s own, and is told', async () => {
    await succeeded(made('accept'));
    expect(await made('sendBack', 'coTeacher')).toMatchObject({ code: 'review.justDecided' });
    const review = await maybeReview(postId, await desksFor(house, 'coTeacher'));
    expect(review?.pending).toMatchObject({
      decision: 'accept',
      mine: false,
      name: 'Tess Example',
      refused: null,
    });
    const own = await maybeReview(postId, await desksFor(house, 'teacher'));
    expect(own?.pending).toMatchObject({ mine: true, countsIn: SPAN });
  });

  test('made anew by the same teacher takes the place of the first, and counts once', async () => {
    await succeeded(made('accept'));
    await succeeded(made('sendBack', 'teacher', {}, after(2000)));
    await jobs(after(SPAN));
    expect(await stage()).toBe('handedIn');
    await jobs(after(SPAN + 2000));
    expect(await stage()).toBe('sentBack');
    expect(await database.rows('SELECT decision FROM decisions')).toEqual([{ decision: 'sentBack' }]);
  });

  test('sent four hundred times at once counts once', async () => {
    await Promise.all(Array.from({ length: 400 }, () => made('accept')));
    await jobs(after(SPAN));
    expect(await database.rows('SELECT decision FROM decisions')).toEqual([{ decision: 'accepted' }]);
  });

  test('is refused at once for what can be refused at once', async () => {
    expect(await made('sendBack', 'teacher', { until: '2026-11-01T10:00' })).toMatchObject({
      code: 'review.untilPast',
      field: 'until',
    });
    await succeeded(as(house, 'coTeacher', accept, { postId, handInId }));
    expect(await made('accept')).toMatchObject({ code: 'post.cannotFollow' });
  });
});

describe('accepting now and opening at a time', () => {
  const at = '2026-11-18T09:00';
  const OPENS = new Date('2026-11-18T09:00:00Z');

  test('leaves it with its writer and the teachers until then, and opens it then', async () => {
    await succeeded(made('accept', 'teacher', { opensAt: at }));
    await jobs(after(SPAN));
    expect([await stage(), await seen()]).toEqual(['accepted', false]);
    await jobs(new Date(OPENS.getTime() - 1));
    expect(await seen()).toBe(false);
    await jobs(OPENS);
    expect(await seen()).toBe(true);
  });

  test('is refused for a time that is over, and undone like any other', async () => {
    expect(await made('accept', 'teacher', { opensAt: '2026-11-16T09:00' })).toMatchObject({
      code: 'publish.timePast',
      field: 'opensAt',
    });
    await succeeded(made('accept', 'teacher', { opensAt: at }));
    await succeeded(undo(after(1)));
    await jobs(OPENS);
    expect([await stage(), await seen()]).toEqual(['handedIn', false]);
  });

  test('works for a set that is not open yet, for this one post', async () => {
    await database.change("UPDATE assignments SET release_rule = 'opened'");
    await succeeded(made('accept', 'teacher', { opensAt: at }));
    await jobs(OPENS);
    expect(await seen()).toBe(true);
  });
});

describe('what has changed until it counts', () => {
  test('is asked again: a teacher who was taken out decides nothing, and it waits as before', async () => {
    await succeeded(made('accept', 'coTeacher'));
    await succeeded(
      as(house, 'teacher', removeMember, { classId: house.classId, personId: house.people.coTeacher }),
    );
    await jobs(after(SPAN));
    expect(await stage()).toBe('handedIn');
    expect(await countWaiting(database, { classIds: [house.classId], readerId: house.people.teacher })).toBe(
      1,
    );
    await addMember(house.people.coTeacher, house.classId, 'coTeacher').catch(() => undefined);
    const review = await maybeReview(postId, await desksFor(house, 'teacher'));
    expect(review?.pending).toMatchObject({ decision: 'accept', refused: 'notThere' });
    await succeeded(made('accept', 'teacher', {}, after(SPAN)));
    await jobs(after(SPAN * 2));
    expect(await stage()).toBe('accepted');
  });

  test('another decision that came first stands, and this one says that it could not be', async () => {
    await succeeded(made('accept'));
    await succeeded(as(house, 'coTeacher', sendBack, { postId, handInId }));
    await jobs(after(SPAN));
    expect(await stage()).toBe('sentBack');
    const review = await maybeReview(postId, await desksFor(house, 'teacher'));
    expect(review?.pending).toMatchObject({ refused: 'post.cannotFollow' });
  });

  test('a process that was ended between the two does it once', async () => {
    await succeeded(made('accept'));
    const [row] = await database.rows<{ readonly more: string }>('SELECT more FROM pending_decisions');
    await jobs(after(SPAN));
    // As it stood before the row was taken away.
    await database.change(
      `INSERT INTO pending_decisions (post_id, hand_in_id, decision, more, decided_by, decided_at, counts_from, begun)
       VALUES (:postId, :handInId, 'accept', :more, :by, :at, :at, TRUE)`,
      { postId, handInId, more: row?.more ?? '', by: house.people.teacher, at: NOW },
    );
    await carryOut({ postId }, '', after(SPAN));
    expect(await database.rows('SELECT * FROM pending_decisions')).toEqual([]);
    expect(await database.rows('SELECT decision FROM decisions')).toEqual([{ decision: 'accepted' }]);
  });

  test('a post that is gone is left alone', async () => {
    await succeeded(made('accept'));
    await database.change('DELETE FROM posts WHERE id = :postId', { postId });
    await jobs(after(SPAN));
    expect(await database.rows("SELECT id FROM jobs WHERE kind = 'carryOut' AND done_at IS NULL")).toEqual(
      [],
    );
  });
});
