import { beforeEach, expect, test } from 'vitest';
import { atOnce, codesOf, ofThem } from '../../../../tests/server/atOnce';
import {
  acceptedPost,
  acceptPost,
  as,
  deskFor,
  freshHouse,
  NOW,
  personOf,
  setWork,
  succeeded,
  writing,
  type Who,
} from '../../../../tests/server/house';
import { FIRST_COMMENT_RULES } from '../../../core/comments/rules';
import { listHandIns } from '../../tables/handIns';
import { findComment } from '../../tables/comments';
import { database } from '../../ground/database/database';
import { maybePost } from '../../views/blog/viewPost';
import { maybeHeldComments } from '../../views/comments/viewHeldComments';
import { maybeTeacherToday } from '../../views/today/viewTeacherToday';
import { changeCommentRules } from '../classes/changeCommentRules';
import { deletePerson } from '../people/deletePerson';
import { decideComment, takeBackComment } from './decideComment';
import { beginPost } from '../posts/beginPost';
import { handIn } from '../posts/handIn';
import { savePost } from '../posts/savePost';
import { writeComment } from './writeComment';

const house = freshHouse({ atOnce: true });
let postId: string;
beforeEach(async () => {
  ({ postId } = await acceptedPost(house));
});

const LINK = 'Like on www.wind-cups.example, I think.';
const TELEPHONE = 'My cousin has one, ring her on 01632 960144.';
const later = (minutes: number) => new Date(NOW.getTime() + minutes * 60_000);
const say = (who: Who, text: string, minutes = 0, under = postId) =>
  succeeded(as(house, who, writeComment, { postId: under, text }, later(minutes)));
const decide = (who: Who, commentId: string, state: 'shown' | 'keptBack', version = 1) =>
  as(house, who, decideComment, {
    ...{ commentId, version, state },
    keptFor: state === 'shown' ? null : 'offTopic',
  });
const under = async (who: Who, address = '2-skies') =>
  (await maybePost('wind', address, { personId: personOf(house, who), device: null, as: null }, NOW))
    ?.comments?.list ?? [];
const held = async (who: Exclude<Who, 'visitor'>) => maybeHeldComments(await deskFor(house, who));
const waiting = async () => (await held('teacher'))?.waiting ?? [];
const set = (rules: object) =>
  as(house, 'teacher', changeCommentRules, { classId: house.classId, ...FIRST_COMMENT_RULES, ...rules });

test.each([
  [{}, LINK, ['links']],
  [{ maxLinks: 1 }, LINK, []],
  [{}, TELEPHONE, ['personal']],
  [{}, 'WHAT A LOVELY POST THIS IS', ['shouting']],
  [{ words: [' mooka* '] }, 'That is mookable.', ['word']],
  [{ words: ['mooka'] }, 'That is mookable.', []],
  [{ holdsAll: true }, 'What did it smell of?', ['all']],
  [{ holdsAll: true }, LINK, ['all', 'links']],
])('with %j what says “%s” waits for %j', async (rules, text, reasons) => {
  await succeeded(set(rules));
  const { waits } = await say('classmate', text);
  expect(waits).toBe(reasons.length > 0);
  expect((await waiting()).map((one) => one.reasons)).toEqual(reasons.length > 0 ? [reasons] : []);
});

test('the third within a minute waits, and what somebody else has said', async () => {
  expect(await say('classmate', 'Look at the grey over the roofs.')).toMatchObject({ waits: false });
  expect(await say('editor', 'Look at the grey over the roofs.', 0.1)).toMatchObject({ waits: true });
  expect(await say('classmate', 'And at the blue.', 0.2)).toMatchObject({ waits: false });
  expect(await say('classmate', 'And at the rest.', 0.3)).toMatchObject({ waits: true });
  expect(await say('classmate', 'And at the frame.', 5)).toMatchObject({ waits: false });
});

test('what teachers say never waits', async () => {
  await succeeded(set({ holdsAll: true }));
  for (const who of ['teacher', 'coTeacher', 'supplyTeacher'] as const)
    expect(await say(who, `${LINK} ${who}`)).toMatchObject({ waits: false });
});

test('what waits is seen by who wrote it and by who decides about it, and the writer of the post does not even know', async () => {
  await say('classmate', LINK);
  await say('classmate', TELEPHONE, 3);
  const sees = async (who: Who) =>
    (await under(who)).map((one) => [one.state, one.tends, one.reasons.length]);
  expect(await sees('classmate')).toEqual([
    ['waits', false, 0],
    ['waits', false, 0],
  ]);
  expect(await sees('writer')).toEqual([]);
  expect(await sees('editor')).toEqual([['waits', true, 1]]);
  expect(await sees('teacher')).toEqual([
    ['waits', true, 1],
    ['waits', true, 1],
  ]);
  for (const who of [
    'writer',
    'classmate',
    'editor',
    'reader',
    'teacher',
    'coTeacher',
    'supplyTeacher',
  ] as const) {
    const teaches = ['teacher', 'coTeacher', 'supplyTeacher'].includes(who);
    expect([who, (await held(who)) !== null]).toEqual([who, teaches]);
  }
});

test('the passage for which it waits is marked on the page, and Today says how many wait', async () => {
  await say('classmate', TELEPHONE);
  const [one] = await waiting();
  expect(one).toMatchObject({
    title: '2 · Skies',
    address: '/blog/wind/2-skies',
    author: 'Mate E.',
    by: null,
  });
  expect(one?.pieces).toEqual([
    { text: 'My cousin has one, ring her on ', marked: false },
    { text: '01632 960144', marked: true },
    { text: '.', marked: false },
  ]);
  const today = async () =>
    (await maybeTeacherToday([await deskFor(house, 'teacher')]))?.classes[0]?.commentsWait;
  expect(await today()).toBe(1);
  await succeeded(
    as(house, 'teacher', deletePerson, { classId: house.classId, personId: house.people.classmate }),
  );
  expect([await today(), await waiting()]).toEqual([0, []]);
});

/** A published post of somebody else than the writer. */
async function postOf(who: 'editor'): Promise<string> {
  const { postId: id } = await succeeded(as(house, who, beginPost, { assignmentId: await setWork(house) }));
  await succeeded(as(house, who, savePost, { postId: id, version: 1, writing: writing('<p>blue</p>') }));
  await succeeded(as(house, who, handIn, { postId: id, version: 2 }));
  await acceptPost(house, id, (await listHandIns(database, id)).at(-1)?.id ?? '');
  return id;
}

test('a student editor decides about neither personal details nor what is under own posts', async () => {
  const { commentId } = await say('classmate', TELEPHONE);
  expect(await decide('editor', commentId, 'shown')).toMatchObject({ code: 'notThere' });
  const own = await postOf('editor');
  const { commentId: underOwn } = await say('classmate', LINK, 3, own);
  expect(await decide('editor', underOwn, 'keptBack')).toMatchObject({ code: 'notThere' });
  const { commentId: link } = await say('classmate', `${LINK} Or not.`, 6);
  await succeeded(decide('editor', link, 'shown'));
  expect((await under('writer')).map((one) => one.text)).toEqual([`${LINK} Or not.`]);
});

test('let through it is before the class; kept back its writer reads why, and nobody else reads anything', async () => {
  const { commentId } = await say('classmate', LINK);
  await succeeded(decide('teacher', commentId, 'keptBack'));
  expect(await under('classmate')).toMatchObject([{ state: 'keptBack', keptFor: 'offTopic' }]);
  expect(await under('writer')).toEqual([]);
  expect((await held('coTeacher'))?.keptBack).toMatchObject([{ by: 'Tess Example', keptFor: 'offTopic' }]);
  await succeeded(decide('coTeacher', commentId, 'shown', 2));
  expect(await under('writer')).toMatchObject([{ text: LINK, keptFor: null, reasons: [] }]);
  expect(await waiting()).toEqual([]);
});

test.each(['classmate', 'writer', 'reader', 'stranger', 'visitor'] as const)(
  'a %s decides nothing',
  async (who) => {
    const { commentId } = await say('classmate', LINK);
    expect((await decide(who, commentId, 'shown')).ok).toBe(false);
    expect((await findComment(database, commentId))?.state).toBe('waits');
  },
);

test('of two who decide otherwise at the same moment the first counts and the other is told', async () => {
  const { commentId } = await say('classmate', LINK);
  const outcomes = await atOnce((index) =>
    index % 2 ? decide('teacher', commentId, 'shown') : decide('coTeacher', commentId, 'keptBack'),
  );
  const stands = await findComment(database, commentId);
  expect(stands?.version).toBe(2);
  // Who thinks alike is told nothing: it is as they wanted it.
  const alike = (index: number) => (index % 2 ? 'shown' : 'keptBack') === stands?.state;
  expect(ofThem(outcomes, alike)).toBe(outcomes.filter((_, index) => alike(index)).length);
  expect(ofThem(outcomes, (index) => !alike(index))).toBe(0);
  expect([...codesOf(outcomes)]).toEqual(['comment.decided']);
});

test('taken back while it is let through it is gone, and never half there', async () => {
  const { commentId } = await say('classmate', LINK);
  await atOnce(
    (index) =>
      index % 2
        ? decide('teacher', commentId, 'shown')
        : as(house, 'classmate', takeBackComment, { commentId }),
    40,
  );
  expect(await findComment(database, commentId)).toBeNull();
  expect(await waiting()).toEqual([]);
});

test('sent four hundred times at once by many, what waits is there once for each of them', async () => {
  const outcomes = await atOnce((index) =>
    as(house, index % 2 ? 'classmate' : 'editor', writeComment, {
      postId,
      text: index % 2 ? LINK : TELEPHONE,
    }),
  );
  expect(ofThem(outcomes)).toBeGreaterThan(1);
  expect(await waiting()).toHaveLength(2);
});

test('10,000 words, and words that are HTML, are refused or stand as they were typed', async () => {
  const long = await as(house, 'classmate', writeComment, { postId, text: 'word '.repeat(10_000) });
  expect(long).toMatchObject({ ok: false, field: 'text' });
  const html = '<img src=x onerror=alert(1)> https://evil.example';
  await say('classmate', html);
  expect((await waiting())[0]?.pieces.map((piece) => piece.text).join('')).toBe(html);
});

test.each([
  [{ maxLinks: 11 }, 'maxLinks'],
  [{ maxLinks: -1 }, 'maxLinks'],
  [{ words: Array.from({ length: 301 }, (_, at) => `word${at}`) }, 'words'],
  [{ words: ['x'.repeat(61)] }, 'words.0'],
])('rules that are none are refused at their field', async (rules, field) => {
  expect(await set(rules)).toMatchObject({ ok: false, field });
});

test('an empty list, words twice and blank lines are kept as what they are', async () => {
  await succeeded(set({ words: ['mooka', ' mooka', '   ', 'b*'] }));
  expect((await held('teacher'))?.rules).toEqual({ holdsAll: false, maxLinks: 0, words: ['mooka', 'b*'] });
});
