import { expect, test } from 'vitest';
import {
  addClass,
  addMember,
  as,
  desksFor,
  FIELDS,
  handInPost,
  setWork,
  succeeded,
  writePost,
  freshHouse,
  writeNote,
} from '../../../../tests/server/house';
import { changeAssignment } from '../../deeds/assignments/changeAssignment';
import { makeAssignment } from '../../deeds/assignments/makeAssignment';
import { setAssignment } from '../../deeds/assignments/setAssignment';
import { keepNote } from '../../deeds/notes/keepNote';
import { sendNotes } from '../../deeds/notes/sendNotes';
import { beAtPost } from '../../deeds/posts/beAtPost';
import { beginPost } from '../../deeds/posts/beginPost';
import { openHandIn } from '../../deeds/reviews/openHandIn';
import { listEveryWork } from './listWork';

const house = freshHouse();

test('a student’s writing in every class, the one that is looked at first, with what a teacher said last', async () => {
  const postId = await writePost(house, await setWork(house));
  const handInId = await handInPost(house, postId);
  const named = { postId, handInId };
  await succeeded(as(house, 'teacher', openHandIn, named));
  await writeNote(house, 'teacher', { ...named, text: 'Which way did it blow?' });
  const second = await addClass('second', 'SECOND1', 'ourClass');
  await addMember(house.people.writer, second, 'student');
  await addMember(house.people.teacher, second, 'teacher');
  const { assignmentId } = await succeeded(as(house, 'teacher', makeAssignment, { classId: second }));
  const fields = { ...FIELDS, title: 'Tides', audience: 'ourClass' };
  await succeeded(as(house, 'teacher', changeAssignment, { assignmentId, version: 1, fields }));
  await succeeded(as(house, 'teacher', setAssignment, { assignmentId }));
  await succeeded(as(house, 'writer', beginPost, { assignmentId }));
  const groups = await listEveryWork(await desksFor(house, 'writer'));
  expect(groups.map((group) => group.work.map((one) => [one.title, one.state, one.said]))).toEqual([
    [['Three skies', 'handedIn', 'Which way did it blow?']],
    [['Tides', 'draft', null]],
  ]);
});

test('who teaches a class has nothing to write in it', async () => {
  await setWork(house);
  expect(await listEveryWork(await desksFor(house, 'teacher'))).toEqual([]);
});

test('notes are new until their writer has had the post open since, and again when they are changed', async () => {
  const postId = await writePost(house, await setWork(house));
  const named = { postId, handInId: await handInPost(house, postId) };
  const fresh = async () => (await listEveryWork(await desksFor(house, 'writer')))[0]?.work[0]?.newNotes;
  expect(await fresh()).toBe(0);
  const noteId = await writeNote(house, 'teacher', { ...named, text: 'Which way did it blow?' });
  await writeNote(house, 'coTeacher', { ...named, text: 'I like the gulls.' });
  expect(await fresh()).toBe(2);
  const open = (page: string) => succeeded(as(house, 'writer', beAtPost, { postId, page }));
  await open('1'.repeat(36));
  expect(await fresh()).toBe(0);
  await writeNote(house, 'teacher', { ...named, text: 'And the end?' });
  // A page that stood open all the while has not been looked at for it.
  await open('1'.repeat(36));
  expect(await fresh()).toBe(1);
  await open('2'.repeat(36));
  expect(await fresh()).toBe(0);
  const whole = { target: 'post', targetId: null, anchor: null, suggested: null, version: 1 } as const;
  await succeeded(as(house, 'teacher', keepNote, { ...named, noteId, text: 'Which way?', ...whole }));
  expect(await fresh()).toBe(0);
  await succeeded(as(house, 'teacher', sendNotes, named));
  expect(await fresh()).toBe(1);
});
