import { beforeEach, expect, test } from 'vitest';
import { atOnce, codesOf, ofThem } from '../../../../tests/server/atOnce';
import {
  as,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writePost,
  writing,
} from '../../../../tests/server/house';
import { sayOrigin } from '../../../../tests/server/sayOrigin';
import { database } from '../../ground/database/database';
import { findPost } from '../../tables/posts';
import { listHandIns } from '../../tables/handIns';
import { listPieces, listSittings } from '../../tables/sittings';
import { handIn } from '../posts/handIn';
import { savePost } from '../posts/savePost';
import { openOrigin } from './openOrigin';
import { sumOf } from '../../../core/origin/fence';

const house = freshHouse({ atOnce: true });
const LATER = new Date(NOW.getTime() + 60_000);
const many = (count: number) => Array.from({ length: count }, (_, index) => `w${index}`).join(' ');

let postId: string;
beforeEach(async () => {
  await succeeded(sayOrigin(house, 'teacher', true));
  postId = await writePost(house, await setWork(house, { audience: 'ourClass' }));
});

test('the same save four hundred times is counted once', async () => {
  const text = `grey all day long ${many(40)}`;
  const input = {
    ...{ postId, version: 2, writing: writing(`<p>${text}</p>`) },
    came: [{ from: 18, to: text.length, way: 'pasted' }],
  };
  const outcomes = await atOnce(() => as(house, 'writer', savePost, input, LATER));
  expect(codesOf(outcomes)).toEqual(new Set());
  expect(await listSittings(database, postId)).toMatchObject([{ written: 4, pasted: 40, removed: 0 }]);
  expect(await listPieces(database, postId)).toHaveLength(1);
});

test('what is saved beside a hand-in is counted to it, or to what comes after: as its text is', async () => {
  const version = (await findPost(database, postId))!.version;
  const [handed] = await Promise.all([
    as(house, 'writer', handIn, { postId, version }, LATER),
    ...Array.from({ length: 20 }, (_, index) =>
      as(house, 'writer', savePost, {
        ...{
          postId,
          version: version + index,
          writing: writing(`<p>grey all day long ${many(index + 1)}</p>`),
        },
      }),
    ),
  ]);
  const [latest] = await listHandIns(database, postId);
  const sittings = await listSittings(database, postId);
  if (!handed.ok) {
    expect(latest).toBeUndefined();
    return;
  }
  const before = sumOf(sittings.filter(({ number }) => number <= latest!.sitting));
  const [revision] = await database.rows<{ body: string }>('SELECT body FROM revisions WHERE id = :id', {
    id: latest!.revisionId,
  });
  const words = /"text":"([^"]*)"/.exec(revision!.body)?.[1]?.split(' ').length;
  expect(before.written + before.pasted - before.removed).toBe(words);
});

test('opened four hundred times at once it was opened once; taken back by the class beside that, nobody has it open', async () => {
  await handInPost(house, postId, LATER);
  const outcomes = await atOnce(() => as(house, 'teacher', openOrigin, { postId }, LATER));
  expect(ofThem(outcomes)).toBe(400);
  const openings = () => database.rows('SELECT 1 FROM origin_openings');
  expect(await openings()).toHaveLength(1);
  const [, ...others] = await Promise.all([
    sayOrigin(house, 'teacher', false, LATER),
    ...Array.from({ length: 40 }, () => as(house, 'coTeacher', openOrigin, { postId }, LATER)),
  ]);
  expect(codesOf(others.filter((one) => !one.ok))).toEqual(
    others.some((one) => !one.ok) ? new Set(['notThere']) : new Set(),
  );
  expect(await as(house, 'coTeacher', openOrigin, { postId }, LATER)).toMatchObject({ ok: false });
});
