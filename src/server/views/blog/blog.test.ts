import { expect, test } from 'vitest';
import {
  acceptPost,
  as,
  buildHouse,
  emptyDatabase,
  EVERYBODY,
  handInPost,
  personOf,
  ROLES,
  setWork,
  succeeded,
  writePost,
  NOW,
  type Who,
  freshHouse,
} from '../../../../tests/server/house';
import { AUDIENCES } from '../../../core/access/audience';
import { may } from '../../../core/access/may';
import { database } from '../../ground/database/database';
import { publish } from '../../deeds/publications/publish';
import { listHandIns } from '../../tables/handIns';
import { listDrafts } from '../../tables/openings';
import { findPost } from '../../tables/posts';
import { listLatestHandedIn, listLeftPosts } from '../../tables/postsOfClass';
import { takeBack } from '../../deeds/posts/takeBack';
import { tellWorry } from '../../deeds/worries/tellWorry';
import { insertShown } from '../../tables/passphrases';
import { newToken, tokenHash } from '../../ground/secrets/secrets';
import { readerOf } from '../../ground/access/reader';
import { maybeFront, POSTS_ON_FRONT } from './viewFront';
import { maybeKept } from './viewKept';
import { maybePost } from './viewPost';

const house = freshHouse();

const actor = (who: Who) => ({ personId: personOf(house, who), role: ROLES[who] });

test.each(AUDIENCES)('a post published to %s is there for exactly its audience', async (audience) => {
  const postId = await writePost(house, await setWork(house));
  await acceptPost(house, postId, await handInPost(house, postId));
  await succeeded(as(house, 'teacher', publish, { postId, audience }));
  const address = (await findPost(database, postId))?.address ?? '';
  for (const who of EVERYBODY) {
    const publishedTo = audience === 'writerAndTeachers' ? null : audience;
    const reads = may(actor(who), 'post.read', { writerId: house.people.writer, publishedTo });
    const shown = await maybePost('wind', address, readerOf(personOf(house, who)), NOW);
    const front = await maybeFront('wind', readerOf(personOf(house, who)), NOW);
    expect([who, shown !== null, front?.posts.length]).toEqual([who, reads, reads ? 1 : 0]);
  }
  expect(await maybePost('moss', address, readerOf(house.people.teacher), NOW)).toBeNull();
});

test('lists and single posts agree for everybody, whatever narrows them', async () => {
  const postId = await writePost(house, await setWork(house));
  await acceptPost(house, postId, await handInPost(house, postId));
  const address = (await findPost(database, postId))?.address ?? '';
  const device = newToken();
  const agree = async () => {
    for (const who of EVERYBODY)
      for (const shows of [null, device]) {
        const reader = { personId: personOf(house, who), device: shows, as: null };
        const one = await maybePost('wind', address, reader, NOW);
        const front = await maybeFront('wind', reader, NOW);
        expect([who, shows !== null, front?.count ?? 0]).toEqual([who, shows !== null, one ? 1 : 0]);
        expect(front?.posts.map((post) => post.address) ?? []).toEqual(one ? [one.address] : []);
      }
  };
  for (const audience of ['ourClass', 'passphrase', 'everyone'] as const) {
    await succeeded(as(house, 'teacher', publish, { postId, audience }));
    await agree();
    // The passphrase of this post alone, and then that of the class.
    for (const of of [postId, '']) {
      const shown = { deviceHash: tokenHash(device), classId: house.classId, postId: of, at: NOW };
      await insertShown(database, shown);
      await agree();
    }
    await database.change('DELETE FROM passphrases_shown');
    await database.change('DELETE FROM post_passphrases_shown');
    for (const ceiling of ['ourClass', 'passphrase', 'everyone']) {
      await database.change('UPDATE classes SET ceiling = :ceiling', { ceiling });
      await agree();
    }
  }
  const reader = readerOf(house.people.classmate);
  const told = await tellWorry(
    { blog: 'wind', post: address, words: 'Look.' },
    { reader, address: '', now: NOW },
  );
  expect(told.ok).toBe(true);
  await agree();
  expect((await maybeFront('wind', readerOf(house.people.writer), NOW))?.count).toBe(1);
  expect((await maybeFront('wind', readerOf(house.people.classmate), NOW))?.count).toBe(0);
});

test('a closed class has no front page for anybody from outside', async () => {
  await emptyDatabase();
  Object.assign(house, await buildHouse('ourClass'));
  expect(await maybeFront('wind', readerOf(null), NOW)).toBeNull();
  expect(await maybeFront('wind', readerOf(house.people.stranger), NOW)).toBeNull();
  expect(await maybeFront('wind', readerOf(house.people.classmate), NOW)).toMatchObject({ posts: [] });
  expect(await maybeFront('nowhere', readerOf(null), NOW)).toBeNull();
});

test('outside the class a writer appears by the class’s naming rule', async () => {
  const postId = await writePost(house, await setWork(house));
  await acceptPost(house, postId, await handInPost(house, postId));
  expect((await maybeFront('wind', readerOf(null), NOW))?.posts[0]?.writer.name).toBe('Wren');
  expect((await maybeFront('wind', readerOf(house.people.classmate), NOW))?.posts[0]?.writer.name).toBe(
    'Wren E.',
  );
});

test('a hand-in at its own address is its writer’s and the teachers’; taken back, its writer’s alone', async () => {
  const postId = await writePost(house, await setWork(house));
  await handInPost(house, postId);
  const receipt = (await listHandIns(database, postId))[0]?.receipt ?? 0;
  const readers = async () => {
    const reading = await Promise.all(
      EVERYBODY.map((who) => maybeKept('wind', receipt, personOf(house, who), NOW)),
    );
    return EVERYBODY.filter((_, index) => reading[index] !== null);
  };
  expect(await readers()).toEqual(['writer', 'supplyTeacher', 'coTeacher', 'teacher']);
  expect(await maybeKept('moss', receipt, house.people.teacher, NOW)).toBeNull();
  await succeeded(as(house, 'writer', takeBack, { postId }));
  expect(await readers()).toEqual(['writer']);
});

test('a post that nobody asked for stands wherever posts stand', async () => {
  const postId = await writePost(house, await setWork(house));
  await acceptPost(house, postId, await handInPost(house, postId));
  await database.change("UPDATE posts SET assignment_id = NULL, kind = 'own' WHERE id = :postId", { postId });
  const reader = readerOf(house.people.classmate);
  const front = await maybeFront('wind', reader, NOW);
  expect(front?.posts.find((one) => one.postId === postId)).toMatchObject({ assignmentTitle: null });
  const address = (await findPost(database, postId))?.address ?? '';
  expect(await maybePost('wind', address, reader, NOW)).toMatchObject({ postId, assignmentTitle: null });
  const inClass = await listLatestHandedIn(database, house.classId, 100);
  expect(inClass.find((one) => one.postId === postId)).toMatchObject({ assignment: '2 · Skies' });
  expect((await listDrafts(database, house.classId)).map((one) => one.postId)).toContain(postId);
  await database.change('UPDATE memberships SET left_at = :now WHERE person_id = :personId', {
    now: NOW,
    personId: house.people.writer,
  });
  expect((await listLeftPosts(database, house.people.writer)).map((one) => one.postId)).toContain(postId);
});

test('a front page has the newest posts and the ways to the others; its counts are of all', async () => {
  const all = POSTS_ON_FRONT + 2;
  for (let index = 0; index < all; index += 1) {
    const postId = await writePost(house, await setWork(house));
    await acceptPost(house, postId, await handInPost(house, postId));
  }
  const front = (page?: number) => maybeFront('wind', readerOf(null), NOW, page);
  const [first, second] = [await front(), await front(2)];
  expect(first).toMatchObject({ count: all, newer: null, older: 2, posts: { length: POSTS_ON_FRONT } });
  expect(second).toMatchObject({ count: all, newer: 1, older: null, posts: { length: 2 } });
  expect(new Set([...(first?.posts ?? []), ...(second?.posts ?? [])].map((post) => post.postId)).size).toBe(
    all,
  );
  expect(await front(99)).toEqual(second);
});
