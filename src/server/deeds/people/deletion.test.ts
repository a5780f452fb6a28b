import { sendNotes } from '../notes/sendNotes';
import { existsSync, readdirSync } from 'node:fs';
import path from 'node:path';
import sharp from 'sharp';
import { beforeEach, expect, test } from 'vitest';
import {
  acceptedPost,
  addClass,
  addMember,
  as,
  desksFor,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writePost,
  writeNote,
} from '../../../../tests/server/house';
import { readerOf } from '../../ground/access/reader';
import { maybeFront } from '../../views/blog/viewFront';
import { maybePost } from '../../views/blog/viewPost';
import { database } from '../../ground/database/database';
import { maybePile } from '../../views/review/listPile';
import { maybeReview } from '../../views/review/viewReview';
import { findRole } from '../../ground/access/roles';
import { writeComment } from '../comments/writeComment';
import { runOneJob } from '../chores/runJobs';
import { addPicture } from '../pictures/addPicture';
import { deletePerson, previewDeletion } from './deletePerson';
import { restorePerson } from './restorePerson';
import { takeInAgain } from './takeInAgain';

const house = freshHouse();
const days = (count: number) => new Date(NOW.getTime() + count * 86_400_000);
beforeEach(async () => {
  const { postId, handInId } = await acceptedPost(house);
  await writeNote(house, 'teacher', { postId, handInId, text: 'Well seen.' });
  await succeeded(as(house, 'writer', writeComment, { postId, text: 'Ask me anything.' }));
  const file = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#37558a' } })
    .png()
    .toBuffer();
  await succeeded(addPicture({ classId: house.classId, file }, { personId: house.people.writer, now: NOW }));
});

const them = () => ({ classId: house.classId, personId: house.people.writer });
const remove = () => succeeded(as(house, 'teacher', deletePerson, them()));
const shown = () => maybePost('wind', '2-skies', readerOf(null), NOW);
const role = () => findRole(database, house.classId, house.people.writer);

test('what would go is said before', async () => {
  expect(await succeeded(as(house, 'teacher', previewDeletion, them()))).toEqual({
    posts: 1,
    published: 1,
    revisions: 1,
    notes: 1,
    pictures: 1,
    comments: 1,
    pages: 0,
  });
});

test('who is deleted is out at once, and so is what they wrote', async () => {
  await remove();
  expect([await role(), await shown()]).toEqual([null, null]);
  expect((await maybeFront('wind', readerOf(house.people.classmate), NOW))?.posts).toEqual([]);
  const again = { classId: house.classId, personIds: [house.people.writer] };
  expect(await as(house, 'teacher', takeInAgain, again)).toMatchObject({ code: 'roster.isDeleted' });
  expect(await as(house, 'teacher', deletePerson, them())).toMatchObject({ code: 'notThere' });
});

test('nothing is shown or done of a post of somebody deleted, until they are brought back', async () => {
  const postId = await writePost(house, await setWork(house));
  const handInId = await handInPost(house, postId);
  const note = () => as(house, 'teacher', sendNotes, { postId, handInId });
  const slips = async () => (await maybePile(await desksFor(house, 'teacher')))?.map((slip) => slip.postId);
  const read = async () => maybeReview(postId, await desksFor(house, 'teacher'));
  expect([await slips(), (await read()) === null]).toEqual([[postId], false]);
  await remove();
  expect([await slips(), await read()]).toEqual([[], null]);
  expect(await note()).toMatchObject({ code: 'notThere' });
  await succeeded(as(house, 'teacher', restorePerson, them(), days(1)));
  expect(await slips()).toEqual([postId]);
  await succeeded(note());
});

test('brought back within a month, everything is as it was', async () => {
  await remove();
  await succeeded(as(house, 'teacher', restorePerson, them(), days(29)));
  expect([await role(), (await shown())?.title]).toEqual(['student', '2 · Skies']);
  while (await runOneJob(days(31)));
  expect(await role()).toBe('student');
});

test('after a month everything is gone for good, files too, and the log names nobody', async () => {
  await remove();
  const folder = process.env['PORCH_PICTURES'] ?? '';
  const files = () => readdirSync(folder, { recursive: true }).filter((one) => String(one).endsWith('.webp'));
  const [own] = await database.rows<{ hash: string }>('SELECT content_hash AS hash FROM pictures');
  expect(files().some((one) => String(one).includes(own?.hash ?? '-'))).toBe(true);
  while (await runOneJob(days(29)));
  expect(await database.rows('SELECT id FROM posts')).toHaveLength(1);
  while (await runOneJob(days(31)));
  for (const table of [
    'posts',
    'revisions',
    'hand_ins',
    'notes',
    'publications',
    'pictures',
    'judgements',
    'grade_figures',
  ])
    expect([table, await database.rows(`SELECT 1 FROM ${table}`)]).toEqual([table, []]);
  expect(await database.rows('SELECT id FROM people WHERE id = :id', { id: house.people.writer })).toEqual(
    [],
  );
  expect(files().some((one) => String(one).includes(own?.hash ?? '-'))).toBe(false);
  expect(existsSync(path.join(folder))).toBe(true);
  const lines = await database.rows<{ actor_id: string | null }>(
    "SELECT actor_id FROM audit_log WHERE use_case = 'handIn'",
  );
  expect(lines).toEqual([{ actor_id: null }]);
  expect(await as(house, 'teacher', restorePerson, them(), days(31))).toMatchObject({ code: 'notThere' });
});

test('nobody deletes a student of another teacher’s class, or a grown-up', async () => {
  const other = await addClass('third', 'THIRD1', 'ourClass');
  await addMember(house.people.writer, other, 'student');
  expect(await as(house, 'teacher', deletePerson, them())).toMatchObject({ code: 'roster.inOtherClasses' });
  const colleague = { classId: house.classId, personId: house.people.coTeacher };
  expect(await as(house, 'teacher', deletePerson, colleague)).toMatchObject({ code: 'roster.ownAccount' });
});
