import { expect, test } from 'vitest';
import {
  as,
  deskFor,
  handInPost,
  NOW,
  setWork,
  succeeded,
  whoSees,
  writePost,
  writing,
  freshHouse,
} from '../../../../tests/server/house';
import { database } from '../../ground/database/database';
import { findPost } from '../../tables/posts';
import { listRevisionMoments } from '../../tables/revisions';
import { maybeReview } from '../../views/review/viewReview';
import { maybeReceipt } from '../../views/writing/viewReceipt';
import { maybeRevisions } from '../../views/writing/viewRevisions';
import { beAtPost } from './beAtPost';
import { restoreRevision } from './restoreRevision';
import { savePost } from './savePost';

const house = freshHouse();

const MINUTE = 60_000;
const after = (minutes: number) => new Date(NOW.getTime() + minutes * MINUTE);
const ANY = { from: null, to: null, all: false };

async function save(postId: string, html: string, at: Date): Promise<void> {
  const { version } = (await findPost(database, postId))!;
  await succeeded(as(house, 'writer', savePost, { postId, version, writing: writing(html) }, at));
}

test('only the writer sees earlier versions', async () => {
  const postId = await writePost(house, await setWork(house));
  await handInPost(house, postId);
  expect(await whoSees(house, (desk) => maybeRevisions(postId, ANY, desk))).toEqual(['writer']);
});

test('what is new since the last named moment is told, and any two moments can be compared', async () => {
  const postId = await writePost(house, await setWork(house), '<p>grey all day long</p>');
  const desk = await deskFor(house, 'writer');
  expect(await maybeRevisions(postId, ANY, desk)).toMatchObject({ moments: [], changes: null });
  await handInPost(house, postId);
  await save(postId, '<p>grey all day long, then red</p>', after(10));
  await save(postId, '<p>grey all day long, then red and gone</p>', after(20));
  const shown = await maybeRevisions(postId, ANY, desk);
  expect(shown?.moments.map(({ name, ordinal }) => `${name} ${ordinal}`)).toEqual(['began 0', 'handIn 1']);
  expect(shown?.changes?.words).toEqual({ added: 2, removed: 0 });
  const handIn = shown!.moments[1]!.id;
  const since = await maybeRevisions(postId, { ...ANY, from: handIn }, desk);
  expect(since?.changes?.words).toEqual({ added: 4, removed: 0 });
  const back = await maybeRevisions(postId, { from: null, to: handIn, all: true }, desk);
  expect(back?.to).toBe(handIn);
});

test('going back makes a new version, keeps what there was, and refuses what is stale or another’s', async () => {
  const assignmentId = await setWork(house);
  const postId = await writePost(house, assignmentId, '<p>first words</p>');
  await save(postId, '<p>something else entirely here</p>', after(10));
  const [first] = await listRevisionMoments(database, postId);
  const input = { postId, version: 3, revisionId: first!.id };
  expect(await as(house, 'writer', restoreRevision, { ...input, version: 2 })).toMatchObject({
    code: 'post.changedMeanwhile',
  });
  expect(
    await as(house, 'writer', restoreRevision, { ...input, revisionId: 'nosuchrevision00' }),
  ).toMatchObject({ code: 'notThere' });
  expect(await succeeded(as(house, 'writer', restoreRevision, input, after(11)))).toEqual({ version: 4 });
  const post = await findPost(database, postId);
  expect(post?.body).toContain('first words');
  const kept = await database.rows<{ body: string }>(
    'SELECT body FROM revisions WHERE post_id = :postId ORDER BY created_at DESC LIMIT 1',
    { postId },
  );
  expect(kept[0]?.body).toContain('something else entirely');
});

test('a revision of another post cannot be looked at through one’s own', async () => {
  const own = await writePost(house, await setWork(house));
  const [other] = await database.rows<{ id: string }>(
    `SELECT revisions.id FROM revisions JOIN posts ON posts.id = post_id WHERE posts.id <> :own`,
    { own },
  );
  const desk = await deskFor(house, 'writer');
  expect(other).toBeUndefined();
  expect(await maybeRevisions(own, { ...ANY, from: 'nosuchrevision00' }, desk)).toBeNull();
});

test('two pages with one post know of each other until one is left, or falls silent', async () => {
  const postId = await writePost(house, await setWork(house));
  const at = async (page: string, more: object, when: Date) =>
    (await succeeded(as(house, 'writer', beAtPost, { postId, page: page.padEnd(36, '0'), ...more }, when)))
      .others;
  expect(await at('a', {}, NOW)).toBe(0);
  expect(await at('b', {}, NOW)).toBe(1);
  expect(await at('a', {}, NOW)).toBe(1);
  expect(await at('b', { leaving: true }, NOW)).toBe(1);
  expect(await at('a', {}, NOW)).toBe(0);
  await at('b', {}, NOW);
  expect(await at('a', {}, after(2))).toBe(0);
  expect(await as(house, 'writer', beAtPost, { postId, page: 'nonsense' })).toMatchObject({ ok: false });
});

test('a further hand-in says what is new since the one before, to its writer and to the teacher', async () => {
  const postId = await writePost(house, await setWork(house), '<p>grey all day long</p>');
  await handInPost(house, postId);
  const writer = await deskFor(house, 'writer');
  const teacher = await deskFor(house, 'teacher');
  expect((await maybeReceipt(postId, writer))?.since).toBeNull();
  expect((await maybeReview(postId, [teacher]))?.changed).toBeNull();
  await save(postId, '<p>grey all day long</p><p>Then it rained hard.</p>', after(10));
  await handInPost(house, postId, after(20));
  expect((await maybeReceipt(postId, writer))?.since).toEqual({ added: 4, removed: 0 });
  expect((await maybeReview(postId, [teacher]))?.changed?.changes).toMatchObject({
    added: [{ from: 18, to: 38 }],
    removed: [],
    places: [{ from: 18, to: 38, added: 4, removed: 0 }],
  });
});
