import { expect, test } from 'vitest';
import {
  acceptPost,
  as,
  deskFor,
  desksFor,
  FIELDS,
  handInPost,
  NOW,
  succeeded,
  writing,
  freshHouse,
} from '../../../../tests/server/house';
import { NOTHING_BESIDE, type Beside } from '../../../core/posts/beside';
import { readerOf } from '../../ground/access/reader';
import { maybeFront } from '../../views/blog/viewFront';
import { maybePost } from '../../views/blog/viewPost';
import { database } from '../../ground/database/database';
import { maybeReview } from '../../views/review/viewReview';
import { listHandIns } from '../../tables/handIns';
import { findPost } from '../../tables/posts';
import { maybeCompose } from '../../views/writing/viewCompose';
import { changeAssignment } from '../assignments/changeAssignment';
import { makeAssignment } from '../assignments/makeAssignment';
import { setAssignment } from '../assignments/setAssignment';
import { changeWords } from '../classes/changeWords';
import { judge } from '../reviews/judge';
import { judgeRequirement } from '../reviews/judgeRequirement';
import { beginPost } from './beginPost';
import { handIn } from './handIn';
import { savePost } from './savePost';

const house = freshHouse();

type Requirement = Readonly<Record<string, unknown>>;

async function assignment(requirements: readonly Requirement[], more: object = {}): Promise<string> {
  const { assignmentId } = await succeeded(as(house, 'teacher', makeAssignment, { classId: house.classId }));
  const fields = { ...FIELDS, requirements, ...more };
  await succeeded(as(house, 'teacher', changeAssignment, { assignmentId, version: 1, fields }));
  await succeeded(as(house, 'teacher', setAssignment, { assignmentId }));
  return assignmentId;
}

async function write(
  who: 'writer' | 'classmate',
  assignmentId: string,
  html: string,
  beside: Partial<Beside> = {},
): Promise<string> {
  const { postId } = await succeeded(as(house, who, beginPost, { assignmentId }));
  const { version } = (await findPost(database, postId))!;
  const sent = { ...writing(html), beside: { ...NOTHING_BESIDE, ...beside } };
  await succeeded(as(house, who, savePost, { postId, version, writing: sent }));
  return postId;
}

async function evidence(postId: string) {
  return (await listHandIns(database, postId)).at(-1)!.evidence.requirements;
}

const required = (kind: string, more: object = {}) => ({
  id: kind,
  kind,
  weight: 'required',
  points: 2,
  ...more,
});

test('what stands beside the text is saved, handed in and shown to readers', async () => {
  const assignmentId = await assignment([required('teaser', { minCharacters: 5 })]);
  const beside = { subtitle: 'Seen from the wall', teaser: 'Grey, then greyer.' };
  const postId = await write('writer', assignmentId, '<p>grey all day long</p>', beside);
  expect((await maybeCompose(postId, await deskFor(house, 'writer')))?.post.beside).toMatchObject(beside);
  const handInId = await handInPost(house, postId);
  expect(await evidence(postId)).toMatchObject([{ kind: 'teaser', state: 'met', measured: 18 }]);
  await acceptPost(house, postId, handInId);
  const front = await maybeFront('wind', readerOf(null), NOW);
  expect(front?.posts).toMatchObject([{ teaser: 'Grey, then greyer.', subtitle: 'Seen from the wall' }]);
  expect((await maybePost('wind', '2-skies', readerOf(null), NOW))?.subtitle).toBe('Seen from the wall');
});

test('a save that changes only what stands beside is a save', async () => {
  const postId = await write('writer', await assignment([]), '<p>x</p>');
  const before = (await findPost(database, postId))!.version;
  const sent = { ...writing('<p>x</p>'), beside: { ...NOTHING_BESIDE, teaser: 'y' } };
  const saved = await succeeded(as(house, 'writer', savePost, { postId, version: before, writing: sent }));
  expect(saved).toMatchObject({ kind: 'saved', version: before + 1 });
});

test('a cover that is no picture of ours is refused at its field', async () => {
  const postId = await write('writer', await assignment([]), '<p>x</p>');
  const sent = {
    ...writing('<p>x</p>'),
    beside: { ...NOTHING_BESIDE, cover: { src: 'https://example.org/x.png', description: '' } },
  };
  expect(await as(house, 'writer', savePost, { postId, version: 2, writing: sent })).toMatchObject({
    ok: false,
    code: expect.stringMatching(/^input\./) as string,
  });
});

test('a new post begins with the outline, which does not count as words', async () => {
  const assignmentId = await assignment([required('words', { min: 1 })], {
    outline: ['What I saw', 'What it meant'],
  });
  const { postId } = await succeeded(as(house, 'writer', beginPost, { assignmentId }));
  const post = await findPost(database, postId);
  expect(post?.body).toContain('What it meant');
  await succeeded(as(house, 'writer', handIn, { postId, version: post!.version }));
  expect(await evidence(postId)).toMatchObject([{ measured: 0, state: 'unmet' }]);
});

const LATER = new Date(NOW.getTime() + 60_000);
const ROW = 'the fog came in from the sea at night';

test('own words are compared with what the others handed in, on the server alone', async () => {
  const assignmentId = await assignment([required('ownWords', { maxPercent: 20 })]);
  const other = await write('classmate', assignmentId, `<p>${ROW}</p>`);
  const own = await write('writer', assignmentId, `<p>Before, ${ROW}</p>`);
  await handInPost(house, own);
  // A draft is nobody's business, not even for this.
  expect(await evidence(own)).toMatchObject([{ measured: 0, state: 'met' }]);
  await succeeded(as(house, 'classmate', handIn, { postId: other, version: 2 }));
  await handInPost(house, own, LATER);
  expect((await evidence(own))[0]).toMatchObject({ state: 'over', measured: 90 });
  const compose = await maybeCompose(own, await deskFor(house, 'writer'));
  expect(JSON.stringify(compose)).not.toContain(other);
});

test('spelling goes by the dictionary of the class and by the class’s own words', async () => {
  const assignmentId = await assignment([required('spelling', { maxUnknown: 0 })]);
  const postId = await write('writer', assignmentId, '<p>The colour of the cumulonymbus was grey.</p>');
  await handInPost(house, postId);
  expect(await evidence(postId)).toMatchObject([{ measured: 1, state: 'over' }]);
  await succeeded(
    as(house, 'teacher', changeWords, { classId: house.classId, words: [' Cumulonymbus ', 'x', 'x'] }),
  );
  await handInPost(house, postId, LATER);
  expect(await evidence(postId)).toMatchObject([{ measured: 0, state: 'met' }]);
});

test('what is looked for by eye waits for a teacher, and then counts', async () => {
  const assignmentId = await assignment([
    required('judged', { text: 'lets me hear the wind', partial: true }),
    required('selfCheck', { text: 'I read it aloud', points: 1 }),
  ]);
  const postId = await write('writer', assignmentId, '<p>x</p>', { selfChecked: ['selfCheck'] });
  const handInId = await handInPost(house, postId);
  await succeeded(as(house, 'teacher', judge, { postId, handInId, criterionId: 'noticing', level: 1 }));
  const review = async () => (await maybeReview(postId, await desksFor(house, 'teacher')))!;
  expect((await review()).grade).toMatchObject({ provisional: true, grade: 7, possible: 9 });
  const named = { postId, handInId, requirementId: 'judged' };
  await succeeded(as(house, 'coTeacher', judgeRequirement, { ...named, judgement: 'partly' }));
  expect((await review()).grade).toMatchObject({ provisional: false, grade: 8 });
  expect((await review()).answer.requirements[0]).toMatchObject({ state: 'partly', measured: 0.5 });
  await succeeded(as(house, 'teacher', judgeRequirement, { ...named, judgement: null }));
  expect((await review()).grade).toMatchObject({ provisional: true });
  expect(
    await as(house, 'teacher', judgeRequirement, { ...named, requirementId: 'selfCheck', judgement: 'yes' }),
  ).toMatchObject({ code: 'review.notByEye', field: 'requirementId' });
});

test('starters are kept as they were typed, and reach the writer', async () => {
  const starters = [{ when: 'To begin', starters: ['I noticed that …'] }];
  const assignmentId = await assignment([required('starters', { min: 1 })], { starters });
  const postId = await write('writer', assignmentId, '<p>I noticed that it rained.</p>');
  const compose = await maybeCompose(postId, await deskFor(house, 'writer'));
  expect(compose?.assignment).toMatchObject({ prompts: starters, starters: ['I noticed that …'] });
  await handInPost(house, postId);
  expect(await evidence(postId)).toMatchObject([{ state: 'met', measured: 1 }]);
});
