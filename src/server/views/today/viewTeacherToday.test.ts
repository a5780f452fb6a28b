import { expect, test } from 'vitest';
import {
  acceptedPost,
  as,
  desksFor,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writeNote,
  writePost,
  writing,
} from '../../../../tests/server/house';
import { answerNote } from '../../deeds/notes/answerNote';
import { savePost } from '../../deeds/posts/savePost';
import { meanDetail } from '../../deeds/details/meanDetail';
import { maybeArrangedPile } from '../review/listPile';
import { maybeReview } from '../review/viewReview';
import { maybeTeacherToday } from './viewTeacherToday';

const house = freshHouse();
const later = (minutes: number) => new Date(NOW.getTime() + minutes * 60_000);
const today = async () => (await maybeTeacherToday(await desksFor(house, 'teacher')))?.classes[0];
const NONE = { count: 0, first: null };

test('personal details that would go beyond the class are told, until somebody says that they are meant', async () => {
  const postId = await writePost(
    house,
    await setWork(house, { audience: 'everyone' }),
    '<p>Call me: 01632 960 118.</p>',
  );
  const handInId = await handInPost(house, postId);
  expect(await today()).toMatchObject({ detailsOut: { count: 1, first: postId }, changedOnes: NONE });
  const [detail] = (await maybeReview(postId, await desksFor(house, 'teacher')))?.details ?? [];
  await succeeded(
    as(house, 'teacher', meanDetail, { postId, handInId, detail: detail?.key ?? '', reason: 'Made up.' }),
  );
  expect(await today()).toMatchObject({ detailsOut: NONE });
});

test('details of what stays in the class wait like any post', async () => {
  const postId = await writePost(
    house,
    await setWork(house, { audience: 'ourClass' }),
    '<p>Call me: 01632 960 118.</p>',
  );
  await handInPost(house, postId);
  expect(await today()).toMatchObject({ detailsOut: NONE });
  expect((await maybeArrangedPile(await desksFor(house, 'teacher')))?.parts.flat()).toHaveLength(1);
});

test('a published post that its writer changed says so on Today, on its slip and in the gate; readers see the old one', async () => {
  const { postId } = await acceptedPost(house);
  expect(await today()).toMatchObject({ changedOnes: NONE });
  const version = 2;
  await succeeded(
    as(house, 'writer', savePost, { postId, version, writing: writing('<p>red all evening</p>') }, later(1)),
  );
  await handInPost(house, postId, later(2));
  expect(await today()).toMatchObject({ changedOnes: { count: 1, first: postId } });
  const pile = await maybeArrangedPile(await desksFor(house, 'teacher'));
  expect(pile?.parts.flat()).toMatchObject([{ postId, changesPublished: true }]);
  const review = await maybeReview(postId, await desksFor(house, 'teacher'));
  expect(review?.readers).toMatchObject({ now: { to: 'everyone' }, readEarlier: 'Tuesday' });
});

test('who asks something in an answer to a note is named by the way to that post', async () => {
  const postId = await writePost(house, await setWork(house));
  const handInId = await handInPost(house, postId);
  const noteId = await writeNote(house, 'teacher', { postId, handInId, text: 'Which way?' });
  const say = (text: string) => as(house, 'writer', answerNote, { postId, noteId, text, done: false });
  await succeeded(say('To the east.'));
  expect(await today()).toMatchObject({ asking: NONE });
  await succeeded(say('Is that what you mean?'));
  expect(await today()).toMatchObject({ asking: { count: 1, first: postId } });
});
