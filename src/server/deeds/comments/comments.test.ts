import { beforeEach, expect, test } from 'vitest';
import {
  acceptedPost,
  as,
  EVERYBODY,
  handInPost,
  NOW,
  personOf,
  setWork,
  succeeded,
  writing,
  type Who,
  freshHouse,
} from '../../../../tests/server/house';
import { listWithoutComment } from '../../views/blog/viewFront';
import { maybePost } from '../../views/blog/viewPost';
import { database } from '../../ground/database/database';
import { listHandIns } from '../../tables/handIns';
import { listComments } from '../../tables/comments';
import { tellWorry } from '../worries/tellWorry';
import { deletePerson } from '../people/deletePerson';
import { eraseEverythingOf } from '../people/eraseEverythingOf';
import { restorePerson } from '../people/restorePerson';
import { beginPost } from '../posts/beginPost';
import { handIn } from '../posts/handIn';
import { savePost } from '../posts/savePost';
import { publish } from '../publications/publish';
import { decideComment, takeBackComment } from './decideComment';
import { writeComment } from './writeComment';

const house = freshHouse();
let postId: string;
beforeEach(async () => {
  ({ postId } = await acceptedPost(house));
});

const say = (who: Who, text = 'What did it smell of?', now = NOW) =>
  as(house, who, writeComment, { postId, text }, now);
const reader = (who: Who) => ({ personId: personOf(house, who), device: null, as: null });
const seen = async (who: Who) => (await maybePost('wind', '2-skies', reader(who), NOW))?.comments ?? null;
const textsFor = async (who: Who) => (await seen(who))?.list.map((one) => one.text) ?? null;

test('the class comments on what it can read and reads the comments; nobody from outside does either', async () => {
  for (const who of EVERYBODY) {
    const may = ['classmate', 'writer', 'editor', 'supplyTeacher', 'coTeacher', 'teacher'].includes(who);
    expect([who, (await say(who)).ok, (await seen(who)) !== null]).toEqual([who, may, may]);
  }
  const mates = (await seen('writer'))?.list.find((one) => one.author === 'Mate E.');
  expect(mates).toMatchObject({ own: false, state: 'shown' });
});

test('posts that nobody has commented on are offered to those who could', async () => {
  const offered = async () => {
    const all: Who[] = [];
    for (const who of EVERYBODY) {
      const { count, posts } = await listWithoutComment('wind', reader(who), NOW);
      expect(posts).toHaveLength(count);
      if (count > 0 && personOf(house, who) !== null) all.push(who);
    }
    return all;
  };
  const others: readonly Who[] = ['classmate', 'editor', 'supplyTeacher', 'coTeacher', 'teacher'];
  expect((await offered()).filter((who) => others.includes(who))).toEqual(others);
  expect(await offered()).not.toContain('writer');
  const { commentId } = await succeeded(say('classmate'));
  expect(await offered()).toEqual([]);
  await succeeded(
    as(house, 'teacher', decideComment, { commentId, version: 1, state: 'keptBack', keptFor: null }),
  );
  expect(await offered()).toContain('classmate');
});

test('what is not published is not commented on', async () => {
  await succeeded(as(house, 'teacher', publish, { postId, audience: 'writerAndTeachers' }));
  expect(await say('classmate')).toMatchObject({ code: 'notThere' });
});

test('a student editor and the teachers hide a comment and show it again; its author goes on seeing it', async () => {
  const { commentId } = await succeeded(say('classmate', 'Boring.'));
  const tend = (who: Who, hidden: boolean) =>
    as(house, who, decideComment, {
      ...{ commentId, version: hidden ? 1 : 2, keptFor: null },
      state: hidden ? 'keptBack' : 'shown',
    });
  expect(await tend('writer', true)).toMatchObject({ code: 'notThere' });
  await succeeded(tend('editor', true));
  expect(await textsFor('writer')).toEqual([]);
  expect((await seen('classmate'))?.list).toMatchObject([
    { text: 'Boring.', state: 'keptBack', own: true, tends: false },
  ]);
  expect((await seen('editor'))?.list).toMatchObject([{ tends: true }]);
  await succeeded(tend('teacher', false));
  expect(await textsFor('writer')).toEqual(['Boring.']);
});

test('only its author takes a comment back', async () => {
  const { commentId } = await succeeded(say('classmate'));
  for (const who of ['writer', 'editor', 'teacher'] as const)
    expect(await as(house, who, takeBackComment, { commentId })).toMatchObject({ code: 'notThere' });
  await succeeded(as(house, 'classmate', takeBackComment, { commentId }));
  expect(await textsFor('teacher')).toEqual([]);
});

test.each([
  ['  ', { code: 'comment.noWords', field: 'text' }],
  ['…!', { code: 'comment.noWords', field: 'text' }],
  ['x'.repeat(2001), { ok: false, field: 'text' }],
])('nonsense is refused at its field', async (text, refusal) => {
  expect(await say('classmate', text)).toMatchObject(refusal);
});

test('a flood is stopped, a conversation goes on', async () => {
  for (let times = 0; times < 12; times += 1) await succeeded(say('classmate', `And ${times}?`));
  expect(await say('classmate')).toMatchObject({ code: 'comment.tooMany' });
  expect((await say('writer')).ok).toBe(true);
  expect((await say('classmate', 'Later.', new Date(NOW.getTime() + 6 * 60_000))).ok).toBe(true);
});

test('a worry about a comment is told by whoever sees it, and keeps what it said', async () => {
  const { commentId } = await succeeded(say('classmate', 'Your shoes are ugly.'));
  const tell = (who: Who, comment = commentId) =>
    tellWorry(
      { blog: 'wind', post: '2-skies', words: 'This is unkind.', comment },
      { reader: reader(who), address: '192.0.2.7', now: NOW },
    );
  await succeeded(tell('writer'));
  expect(await tell('visitor')).toMatchObject({ code: 'notThere' });
  expect(await tell('writer', 'nosuchcomment000')).toMatchObject({ code: 'notThere' });
  const told = () => database.rows('SELECT words, kept_text AS kept, about_name AS about FROM cases');
  const cases = await told();
  expect(cases).toEqual([{ words: 'This is unkind.', kept: 'Your shoes are ugly.', about: 'Mate E.' }]);
  // Whoever said it takes nothing away from what was told by taking it back.
  await succeeded(as(house, 'classmate', takeBackComment, { commentId }));
  expect(await told()).toEqual(cases);
});

test('comments on classmates’ posts fulfil what an assignment asks, hidden ones and one’s own do not', async () => {
  let minute = 0;
  const requirements = [{ id: 'said', kind: 'comments', weight: 'required', points: 2, min: 1, minWords: 3 }];
  const assignmentId = await setWork(house, { requirements } as object);
  const { postId: own } = await succeeded(as(house, 'classmate', beginPost, { assignmentId }));
  const sent = { postId: own, version: 1, writing: writing('<p>mine</p>') };
  await succeeded(as(house, 'classmate', savePost, sent));
  const state = async () => {
    minute += 1;
    const later = new Date(NOW.getTime() + minute * 60_000);
    await succeeded(as(house, 'classmate', handIn, { postId: own, version: 2 }, later));
    return (await listHandIns(database, own)).at(-1)?.evidence.requirements[0];
  };
  expect(await state()).toMatchObject({ state: 'unmet', measured: 0 });
  await succeeded(say('classmate', 'Too short'));
  expect(await state()).toMatchObject({ state: 'unmet', measured: 0 });
  const { commentId } = await succeeded(say('classmate', 'What did it smell of?'));
  expect(await state()).toMatchObject({ state: 'met', measured: 1, earned: 2 });
  await succeeded(
    as(house, 'teacher', decideComment, { commentId, version: 1, state: 'keptBack', keptFor: null }),
  );
  expect(await state()).toMatchObject({ state: 'unmet' });
  await succeeded(say('writer', 'Thank you all for that.'));
  const mine = await setWork(house, { requirements } as object);
  const { postId: next } = await succeeded(as(house, 'writer', beginPost, { assignmentId: mine }));
  await succeeded(as(house, 'writer', savePost, { ...sent, postId: next }));
  await handInPost(house, next);
  expect((await listHandIns(database, next))[0]?.evidence.requirements[0]).toMatchObject({ measured: 0 });
});

test('a person who is erased takes their comments along', async () => {
  await succeeded(say('classmate'));
  await eraseEverythingOf(house.people.classmate);
  expect(await listComments(database, postId)).toEqual([]);
});

test('what somebody said who is deleted is out of sight, and back with them', async () => {
  await succeeded(say('classmate'));
  const them = { classId: house.classId, personId: house.people.classmate };
  await succeeded(as(house, 'teacher', deletePerson, them));
  expect(await textsFor('writer')).toEqual([]);
  await succeeded(as(house, 'teacher', restorePerson, them));
  expect(await textsFor('writer')).toEqual(['What did it smell of?']);
});
