import { beforeEach, expect, test } from 'vitest';
import {
  addClass,
  addMember,
  addPerson,
  as,
  deskFor,
  freshHouse,
  NOW,
  setWork,
  succeeded,
  writing,
} from '../../../../tests/server/house';
import { perform } from '../../ground/access/perform';
import { database } from '../../ground/database/database';
import { findPost } from '../../tables/posts';
import { listHandIns } from '../../tables/handIns';
import { maybePile } from '../../views/review/listPile';
import { giveAssignment } from '../assignments/giveAssignment';
import { setAssignment } from '../assignments/setAssignment';
import { leaveClassAs } from '../../tables/memberships';
import { beginPost } from '../posts/beginPost';
import { renewCopies } from '../posts/copies';
import { handIn } from '../posts/handIn';
import { savePost } from '../posts/savePost';
import { takeBack } from '../posts/takeBack';
import { compareOwnWords } from './compareOwnWords';

const OWN = {
  requirements: [
    { id: 'own', kind: 'ownWords', weight: 'required', points: 2, partial: false, maxPercent: 10 },
  ],
};
const SHARED = 'the fog came in from the sea at night and nobody saw where it began';

const house = freshHouse();
let assignmentId: string;
beforeEach(async () => {
  assignmentId = await setWork(house, OWN as object);
});

/** Hands a text in as somebody. */
async function hands(personId: string, text: string, of = assignmentId) {
  const doing = { personId, now: NOW };
  const { postId } = await succeeded(perform(beginPost, { assignmentId: of }, doing));
  const { version } = (await findPost(database, postId))!;
  await succeeded(perform(savePost, { postId, version, writing: writing(`<p>${text}</p>`) }, doing));
  return again(personId, postId);
}

async function again(personId: string, postId: string) {
  const version = (await findPost(database, postId))?.version;
  await succeeded(perform(handIn, { postId, version }, { personId, now: NOW }));
  const handInRow = (await listHandIns(database, postId)).at(-1)!;
  return { postId, handInId: handInRow.id, measured: handInRow.evidence.requirements[0]?.measured };
}

const compared = ({ postId, handInId }: { readonly postId: string; readonly handInId: string }) =>
  succeeded(as(house, 'teacher', compareOwnWords, { postId, handInId }));
const writer = () => house.people.writer;
const mate = () => house.people.classmate;

test('a passage of a classmate’s post is counted, named on both slips and shown beside the other', async () => {
  const first = await hands(mate(), `I woke early. ${SHARED}.`);
  const second = await hands(writer(), `They say ${SHARED} and so on`);
  expect([first.measured, second.measured]).toEqual([0, 75]);
  expect(await compared(second)).toEqual([
    {
      kind: 'post',
      name: 'Mate E.',
      assignment: 'Three skies',
      className: '',
      handedIn: expect.stringContaining('17 November') as string,
      postId: first.postId,
      words: 15,
      passages: [
        { from: 9, to: 76, here: SHARED, there: { before: 'I woke early. ', text: `${SHARED}.`, after: '' } },
      ],
    },
  ]);
  // Handed in before, it is like the later one too.
  expect(await compared(first)).toMatchObject([{ name: 'Wren E.', words: 15 }]);
  const pile = await maybePile([await deskFor(house, 'teacher')]);
  expect(Object.fromEntries((pile ?? []).map(({ writer: name, alike }) => [name, alike]))).toEqual({
    'Mate E.': ['Wren E.'],
    'Wren E.': ['Mate E.'],
  });
  expect(await as(house, 'writer', compareOwnWords, second)).toMatchObject({ ok: false });
});

test('what was taken back, or is of somebody deleted, is compared with nothing', async () => {
  const first = await hands(mate(), SHARED);
  await succeeded(as(house, 'classmate', takeBack, { postId: first.postId }));
  const second = await hands(writer(), SHARED);
  expect(second.measured).toBe(0);
  expect(await compared(second)).toEqual([]);
  await again(mate(), first.postId);
  expect(await compared(second)).toHaveLength(1);
  await database.change('UPDATE people SET deleted_at = :now WHERE id = :id', { now: NOW, id: mate() });
  expect(await compared(second)).toEqual([]);
});

test('the hand-in before counts again where a later one was taken back', async () => {
  const first = await hands(mate(), SHARED);
  const { version } = (await findPost(database, first.postId))!;
  await succeeded(
    as(house, 'classmate', savePost, {
      postId: first.postId,
      version,
      writing: writing('<p>All of it is new.</p>'),
    }),
  );
  await again(mate(), first.postId);
  expect((await hands(writer(), SHARED)).measured).toBe(0);
  await succeeded(as(house, 'classmate', takeBack, { postId: first.postId }));
  expect((await hands(house.people.editor, SHARED)).measured).toBe(100);
});

test('another class of the same teacher is compared, and the same assignment elsewhere without its words', async () => {
  const fern = await addClass('fern', 'FERN1', 'ourClass');
  await addMember(house.people.teacher, fern, 'teacher');
  const { assignmentId: there } = await succeeded(
    as(house, 'teacher', giveAssignment, { assignmentId, classId: fern, due: '2026-11-24T16:00' }),
  );
  await succeeded(as(house, 'teacher', setAssignment, { assignmentId: there }));
  const ferdi = await addPerson('Ferdi', fern, 'student');
  await hands(ferdi, SHARED, there);
  const own = await hands(writer(), SHARED);
  expect(own.measured).toBe(100);
  expect(await compared(own)).toMatchObject([{ kind: 'post', name: 'Ferdi E.', className: '8B' }]);

  const left = { classId: fern, personId: house.people.teacher, at: NOW, role: 'teacher' } as const;
  await leaveClassAs(database, left);
  expect(await compared(own)).toEqual([
    expect.objectContaining({ kind: 'elsewhere', name: '', postId: null, words: 15, passages: [] }),
  ]);
});

test('a class that none of its teachers teaches is not looked at', async () => {
  const moss = await database.rows<{ readonly id: string }>("SELECT id FROM classes WHERE code = 'MOSS1'");
  const gone = await hands(house.people.editor, SHARED);
  await database.change('UPDATE posts SET class_id = :id, assignment_id = NULL WHERE id = :postId', {
    id: moss[0]!.id,
    postId: gone.postId,
  });
  await database.change('UPDATE fingerprints SET class_id = :id', { id: moss[0]!.id });
  const own = await hands(writer(), SHARED);
  expect([own.measured, await compared(own)]).toEqual([0, []]);
});

test('fingerprints are made again with the copies', async () => {
  const first = await hands(mate(), SHARED);
  const kept = () => database.rows('SELECT hash, post_id FROM fingerprints ORDER BY hash');
  const before = await kept();
  expect(before.length).toBeGreaterThan(2);
  await database.change('DELETE FROM fingerprints');
  await database.change('UPDATE revision_copies SET renderer = 0');
  await renewCopies();
  expect(await kept()).toEqual(before);
  expect(first.measured).toBe(0);
});
