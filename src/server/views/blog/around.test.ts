import { expect, test } from 'vitest';
import { as, freshHouse, NOW, personOf, publishedPost, succeeded } from '../../../../tests/server/house';
import { narrowPost } from '../../deeds/publications/narrowPost';
import { readerOf } from '../../ground/access/reader';
import { maybePost } from './viewPost';

const house = freshHouse();

const published = async (title: string, audience: 'ourClass' | 'everyone', label: string) =>
  (await publishedPost(house, { audience, title, label })).postId;

const around = async (address: string, who: 'visitor' | 'classmate' = 'visitor') =>
  (await maybePost('wind', address, readerOf(personOf(house, who)), NOW))?.around;

/** From the oldest on, from each to the next, and back again. */
async function walk(who: 'visitor' | 'classmate', way: 'earlier' | 'later'): Promise<readonly string[]> {
  const last = (address: string) => address.split('/').at(-1) ?? '';
  let at = 'one';
  for (let next = await around(at, who); next; next = await around(at, who)) {
    const further = next[way === 'later' ? 'earlier' : 'later'];
    if (!further) break;
    at = last(further.address);
  }
  const seen = [at];
  for (let next = await around(at, who); next?.[way]; next = await around(at, who)) {
    at = last(next[way].address);
    seen.push(at);
  }
  return seen;
}

test('each post leads to the one before and the one after it, over all that its reader sees and no other', async () => {
  await published('One', 'everyone', 'rain');
  await published('Two', 'ourClass', 'rain');
  await published('Three', 'everyone', 'wind');
  expect((await walk('visitor', 'later')).toSorted()).toEqual(['one', 'three']);
  expect((await walk('classmate', 'later')).toSorted()).toEqual(['one', 'three', 'two']);
  expect(await walk('classmate', 'earlier')).toEqual((await walk('classmate', 'later')).toReversed());
});

test('posts with a label of it go with it, as far as its reader sees them, but those that stand beside it', async () => {
  const titles = ['One', 'Two', 'Three', 'Four', 'Five', 'Six'];
  for (const title of titles) await published(title, 'everyone', 'rain');
  await published('Secret', 'ourClass', 'rain');
  await published('Other', 'everyone', 'wind');
  const found = await around('one');
  const beside = [found?.earlier, found?.later].flatMap((one) => one?.title ?? []);
  const together = found?.together.map(({ title }) => title) ?? [];
  expect(together).toHaveLength(3);
  for (const title of together) {
    expect(titles).toContain(title);
    expect(beside).not.toContain(title);
  }
  expect(together).not.toContain('One');
});

test('what is taken down is led to no more, and what nobody else is beside leads nowhere', async () => {
  await published('One', 'everyone', 'rain');
  expect(await around('one')).toEqual({ earlier: null, later: null, together: [] });
  const two = await published('Two', 'everyone', 'rain');
  expect(JSON.stringify(await around('one'))).toContain('/blog/wind/two');
  await succeeded(as(house, 'teacher', narrowPost, { postId: two, audience: 'ourClass' }));
  expect(await around('one')).toEqual({ earlier: null, later: null, together: [] });
  expect(JSON.stringify(await around('one', 'classmate'))).toContain('/blog/wind/two');
});
