import { beforeEach, expect, test } from 'vitest';
import {
  acceptedPost,
  as,
  EVERYBODY,
  NOW,
  personOf,
  succeeded,
  freshHouse,
  writeNote,
} from '../../../../tests/server/house';
import { readerOf } from '../../ground/access/reader';
import { maybePost } from '../../views/blog/viewPost';
import { listLeftWriting, maybeLeftPost } from '../../views/writing/viewLeft';
import { removeStudents } from '../people/removeStudents';
import { publish } from '../publications/publish';
import { giveBackGrade } from '../reviews/giveBackGrade';

const house = freshHouse();
let named: { readonly postId: string; readonly handInId: string };
beforeEach(async () => {
  named = await acceptedPost(house);
  await writeNote(house, 'teacher', { ...named, text: 'Well seen.' });
});

const leave = () =>
  succeeded(
    as(house, 'teacher', removeStudents, { classId: house.classId, personIds: [house.people.writer] }),
  );

test('who left a class reads on what they wrote there, with notes and the grade that was given back', async () => {
  expect(await listLeftWriting(house.people.writer)).toEqual([]);
  await succeeded(as(house, 'teacher', giveBackGrade, named));
  await leave();
  expect(await listLeftWriting(house.people.writer)).toMatchObject([
    { postId: named.postId, assignment: 'Three skies', inClass: 'Wind & Weather' },
  ]);
  const post = await maybeLeftPost(named.postId, house.people.writer, NOW);
  expect(post).toMatchObject({ notes: [{ text: 'Well seen.' }], grade: { grade: { possible: 10 } } });
  expect(post?.html).toContain('grey all day long');
});

test('a grade that was not given back is not shown', async () => {
  await leave();
  expect((await maybeLeftPost(named.postId, house.people.writer, NOW))?.grade).toBeNull();
});

test('it is nobody else’s, and nobody’s who is still in the class', async () => {
  for (const who of EVERYBODY)
    expect(await maybeLeftPost(named.postId, personOf(house, who) ?? '', NOW)).toBeNull();
  await leave();
  for (const who of EVERYBODY.filter((one) => one !== 'writer'))
    expect(await maybeLeftPost(named.postId, personOf(house, who) ?? '', NOW)).toBeNull();
});

test('their own published post stays readable for them where the class is closed to others', async () => {
  await succeeded(as(house, 'teacher', publish, { postId: named.postId, audience: 'ourClass' }));
  await leave();
  const shown = (who: 'writer' | 'stranger') =>
    maybePost('wind', '2-skies', readerOf(house.people[who]), NOW);
  expect(await shown('stranger')).toBeNull();
  expect(await shown('writer')).not.toBeNull();
});
