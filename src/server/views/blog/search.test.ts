import { execFileSync } from 'node:child_process';
import path from 'node:path';
import { beforeEach, expect, test } from 'vitest';
import { as, freshHouse, NOW, personOf, publishedPost, succeeded } from '../../../../tests/server/house';
import { indexClass } from '../../deeds/chores/indexClass';
import { tidySearch } from '../../deeds/chores/tidySearch';
import { erasePosts } from '../../deeds/posts/erasePost';
import { narrowPost } from '../../deeds/publications/narrowPost';
import { readerOf } from '../../ground/access/reader';
import { database } from '../../ground/database/database';
import { maybePostList, type ListOf } from './viewList';

// The full text finds nothing that is not committed.
const house = freshHouse({ atOnce: true });

interface Looking {
  readonly who?: 'visitor' | 'classmate' | 'teacher' | 'writer';
  readonly of?: ListOf;
  readonly exactly?: boolean;
  readonly page?: number;
}

async function look(
  typed: string,
  { who = 'visitor', of = { kind: 'all' }, exactly = false, page = 1 }: Looking = {},
) {
  const reader = readerOf(personOf(house, who));
  return maybePostList('wind', of, { reader, now: NOW, page, month: null, typed, exactly });
}

const titles = async (...asked: Parameters<typeof look>) =>
  (await look(...asked))?.posts.map(({ title }) => title) ?? null;

let narrow = '';
beforeEach(async () => {
  await publishedPost(house, {
    audience: 'everyone',
    title: 'Does the north wind bring snow?',
    html: '<p>It brought the smell of the fish market four times.</p><p>So the north wind brings fish, and windy days. A café was shut.</p>',
  });
  ({ postId: narrow } = await publishedPost(house, {
    audience: 'ourClass',
    title: 'What we keep to ourselves',
    html: '<p>The wind knows a secret about a lighthouse.</p>',
  }));
  await indexClass({ classId: house.classId });
});

test('a post is found by its words, marked in title and text, with how often they stand there', async () => {
  const list = await look('north wind');
  expect(list?.count).toBe(1);
  expect(list?.whole).toBe(1);
  const [post] = list!.posts;
  expect(post?.found?.title).toEqual([
    { text: 'Does the ', found: false },
    { text: 'north wind', found: true },
    { text: ' bring snow?', found: false },
  ]);
  expect(post?.found?.inTitle).toBe(true);
  expect(post?.found?.inText).toBe(2);
  expect(post?.found?.passage?.pieces.map(({ text }) => text).join('')).toContain('brings fish');
  expect(list?.search?.near).toEqual(['windy']);
});

test('only what its reader may read is found or counted', async () => {
  expect(await titles('secret')).toEqual([]);
  expect(await titles('secret', { who: 'classmate' })).toEqual(['What we keep to ourselves']);
  expect(await titles('wind', { who: 'teacher' })).toHaveLength(2);
  expect((await look('wind'))?.fence?.months.reduce((sum, { count }) => sum + count, 0)).toBe(1);
  await succeeded(as(house, 'teacher', narrowPost, { postId: narrow, audience: 'writerAndTeachers' }));
  expect(await titles('secret', { who: 'classmate' })).toEqual([]);
});

test('within a label, and by words that are near or by these alone', async () => {
  const of: ListOf = { kind: 'label', label: 'three-skies' };
  expect(await titles('fish', { of })).toHaveLength(1);
  expect(await titles('house', { who: 'classmate' })).toEqual(['What we keep to ourselves']);
  expect(await titles('house', { who: 'classmate', exactly: true })).toEqual([]);
  expect(await titles('Cafe')).toHaveLength(1);
  expect(await titles('times', { exactly: true })).toHaveLength(1);
  expect(await titles('time', { exactly: true })).toEqual([]);
});

test.each(['%', '"', '*', '+-><()~*"@', '\\', '\u0000', '   ', '🌬️'])(
  'a search for %j is answered with what to type',
  async (typed) => {
    const list = await look(typed);
    expect(list?.search).toMatchObject({ nothing: true, near: [] });
    // The list stands as it was, so that what is shown is never more than may be read.
    expect(list?.posts).toHaveLength(1);
    expect(list?.posts[0]?.found).toBeNull();
  },
);

test.each([
  "' OR 1=1 --",
  '+wind -north',
  '"north wind"',
  'wind*',
  'WIND)',
  'north @2 wind',
  'k1_wind',
  'the of and',
])('a search for %j does not break the full text', async (typed) => {
  expect((await look(typed))?.search?.nothing).toBe(false);
});

test('of five hundred words the first eight are looked for', async () => {
  const list = await look('fish '.repeat(300) + 'wind '.repeat(200));
  expect(list?.search?.tooMany).toBe(true);
  expect(list?.count).toBe(1);
});

test('short words and stop words are found as well', async () => {
  expect(await titles('so')).toHaveLength(1);
  expect(await titles('the of')).toHaveLength(1);
});

test('publishing asks for it to be findable, and a second time does nothing', async () => {
  const before = await database.rows('SELECT terms FROM search_texts ORDER BY post_id');
  expect(before).toHaveLength(2);
  await indexClass({ classId: house.classId });
  expect(await database.rows('SELECT terms FROM search_texts ORDER BY post_id')).toEqual(before);
  const jobs = await database.rows("SELECT id FROM jobs WHERE kind = 'indexClass'");
  expect(jobs.length).toBeGreaterThan(0);
});

test('what was taken down goes from the search with its words', async () => {
  await succeeded(as(house, 'teacher', narrowPost, { postId: narrow, audience: 'writerAndTeachers' }));
  await tidySearch();
  const rows = await database.rows<{ terms: string }>('SELECT terms FROM search_texts');
  expect(rows.map(({ terms }) => terms).join(' ')).not.toContain('secret');
});

test('each word of a class is its own: another class is not found by it', async () => {
  const [row] = await database.rows<{ terms: string; number: number }>(
    'SELECT search_texts.terms, number FROM search_texts JOIN classes ON classes.id = class_id LIMIT 1',
  );
  for (const term of row!.terms.split(' '))
    expect(term).toMatch(new RegExp(`^[kp]${row!.number}_[a-z0-9_]+$`));
});

/** How often words with these letters stand in the database's own index, which only its keeper may look into. */
function timesIndexed(letters: string): number {
  const data = path.join(path.dirname(process.env['PORCH_PICTURES'] ?? ''), 'mariadb/data');
  const [cached, kept] = ['INNODB_FT_INDEX_CACHE', 'INNODB_FT_INDEX_TABLE'].map(
    (table) => `(SELECT COUNT(*) FROM information_schema.${table} WHERE word LIKE '%${letters}%')`,
  );
  const asked = `SET GLOBAL innodb_ft_aux_table = 'porch/search_texts'; SELECT ${cached} + ${kept}`;
  const by = ['--no-defaults', '--user=root', '--socket=porch.sock', '-N', '-e', asked];
  // Within its folder: paths of sockets are short.
  return Number(execFileSync('mariadb', by, { cwd: data, encoding: 'utf8' }));
}

test('a word that was erased is not left in the index', async () => {
  expect(timesIndexed('secret')).toBeGreaterThan(0);
  await erasePosts([narrow]);
  // What the database does by itself is not enough.
  expect(timesIndexed('secret')).toBeGreaterThan(0);
  await tidySearch();
  expect(timesIndexed('secret')).toBe(0);
  expect(timesIndexed('wind')).toBeGreaterThan(0);
  expect(await titles('wind')).toHaveLength(1);
});
