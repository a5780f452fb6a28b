import { expect, test } from 'vitest';
import {
  as,
  deskFor,
  freshHouse,
  handInPost,
  setWork,
  succeeded,
  writePost,
} from '../../../../tests/server/house';
import { database } from '../../ground/database/database';
import { takeBack } from '../../deeds/posts/takeBack';
import { listToRead } from './listToRead';

const house = freshHouse();
const titles = async (who: 'editor' | 'classmate' | 'teacher') =>
  (await listToRead([await deskFor(house, who)])).map((one) => one.writer);
const allow = (editorsRead: boolean) =>
  database.change('UPDATE classes SET editors_read = :editorsRead WHERE id = :id', {
    editorsRead,
    id: house.classId,
  });

test('a student editor reads what was handed in where the class allows it, and nobody else does', async () => {
  const postId = await writePost(house, await setWork(house));
  await writePost(house, await setWork(house));
  await allow(true);
  expect(await titles('editor')).toEqual([]);
  await handInPost(house, postId);
  expect(await titles('editor')).toEqual(['Wren E.']);
  expect(await titles('classmate')).toEqual([]);
  await succeeded(as(house, 'writer', takeBack, { postId }));
  expect(await titles('editor')).toEqual([]);
  await handInPost(house, postId);
  await allow(false);
  expect(await titles('editor')).toEqual([]);
});
