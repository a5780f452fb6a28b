import { beforeEach, expect, test } from 'vitest';
import { countStatements } from '../../../../tests/server/countStatements';
import { as, freshHouse, NOW, setWork, succeeded, writePost, writing } from '../../../../tests/server/house';
import { database } from '../../ground/database/database';
import { beAtPost } from './beAtPost';
import { savePost } from './savePost';

const house = freshHouse();
let postId: string;
beforeEach(async () => {
  postId = await writePost(house, await setWork(house));
});

const save = (version: number, words: string, now = NOW) =>
  succeeded(as(house, 'writer', savePost, { postId, version, writing: writing(words) }, now));

test('a save and a sign of life are a few statements each, whatever the post has behind it', async () => {
  const page = '0'.repeat(32);
  await succeeded(as(house, 'writer', beAtPost, { postId, page }));
  // The post's row, who somebody is in the class, when a copy was kept last, the sitting that its words are counted to, the draft.
  expect(await countStatements(() => save(2, '<p>grey all day and night</p>'))).toBe(5);
  expect(await countStatements(() => as(house, 'writer', beAtPost, { postId, page }))).toBe(4);
});

test('saves leave no line in the log', async () => {
  await save(2, '<p>grey all day and night</p>');
  const lines = await database.rows<{ name: string }>('SELECT use_case AS name FROM audit_log');
  expect(lines.map((line) => line.name)).not.toContain('savePost');
});

test('a copy of what is overwritten is kept every few minutes, and at once where much would be lost', async () => {
  const kept = () => database.rows("SELECT 1 FROM revisions WHERE kind = 'saved'");
  await save(2, `<p>${'grey and long '.repeat(20)}</p>`);
  expect(await kept()).toHaveLength(0);
  await save(3, '<p>grey</p>');
  expect(await kept()).toHaveLength(1);
  await save(4, '<p>grey again</p>', new Date(NOW.getTime() + 60_000));
  expect(await kept()).toHaveLength(1);
  await save(5, '<p>grey once more</p>', new Date(NOW.getTime() + 240_000));
  expect(await kept()).toHaveLength(2);
});
