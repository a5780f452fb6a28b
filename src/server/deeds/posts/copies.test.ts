import { beforeEach, expect, test } from 'vitest';
import { readHtml } from '../../../core/document/html/readHtml';
import { RENDERER } from '../../../core/posts/revisionCopy';
import { countStatements } from '../../../../tests/server/countStatements';
import {
  acceptedPost,
  acceptPost,
  as,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writePost,
} from '../../../../tests/server/house';
import { readerOf } from '../../ground/access/reader';
import { maybeFront } from '../../views/blog/viewFront';
import { maybePost } from '../../views/blog/viewPost';
import { database } from '../../ground/database/database';
import { findPost } from '../../tables/posts';
import { beginPost } from './beginPost';
import { renewCopies } from './copies';
import { erasePost } from './erasePost';
import { keepAsRevision } from './keepAsRevision';

const house = freshHouse();
let postId: string;
beforeEach(async () => {
  ({ postId } = await acceptedPost(house));
});

const copies = () =>
  database.rows<{ readonly renderer: number; readonly html: string }>(
    'SELECT renderer, html FROM revision_copies',
  );
const front = () => maybeFront('wind', readerOf(null), NOW);
const read = () => maybePost('wind', '2-skies', readerOf(null), NOW);

test('a hand-in is copied when it is made; other revisions are not', async () => {
  await keepAsRevision(database, (await findPost(database, postId))!, NOW);
  expect(await copies()).toEqual([{ renderer: RENDERER, html: '<p>grey all day long</p>' }]);
  expect(await front()).toMatchObject({ posts: [{ teaser: 'grey all day long', words: 4 }] });
});

test('copies that are not there, or older, are made again, once', async () => {
  const before = [await front(), await read()];
  await database.change('DELETE FROM revision_copies');
  expect(await renewCopies()).toBe(1);
  expect([await front(), await read()]).toEqual(before);
  await database.change("UPDATE revision_copies SET renderer = 0, html = 'old'");
  expect(await renewCopies()).toBe(1);
  expect([await front(), await read()]).toEqual(before);
  expect(await renewCopies()).toBe(0);
});

test('its words are those that its assignment counts, made again too', async () => {
  const { classId } = house;
  const words = { id: 'words', kind: 'words', weight: 'required', min: 3, excludeQuotations: true };
  await database.change(
    'UPDATE assignments SET outline = \'["What I saw"]\', requirements = :asked WHERE class_id = :classId',
    { classId, asked: JSON.stringify([words]) },
  );
  const body = '<h2 data-outline>What I saw</h2><p>two gulls on it</p><blockquote><p>Rain.</p></blockquote>';
  await database.change('UPDATE posts SET body = :body', { body: JSON.stringify(readHtml(body)) });
  await handInPost(house, postId);
  const kept = () =>
    database.rows('SELECT words FROM revision_copies JOIN revisions ON id = revision_id ORDER BY created_at');
  expect(await kept()).toEqual([{ words: 4 }, { words: 4 }]);
  await database.change('DELETE FROM revision_copies');
  await renewCopies();
  expect(await kept()).toEqual([{ words: 4 }, { words: 4 }]);
});

test('what is erased takes its copy along', async () => {
  await erasePost(database, postId);
  expect(await copies()).toEqual([]);
});

test('the front page asks as many statements for many posts as for one, and never for a body', async () => {
  // What stands beside it is counted once for each version of what readers see.
  await front();
  const one = await countStatements(front);
  for (let more = 0; more < 3; more += 1) {
    const assignmentId = await setWork(house);
    await acceptPost(house, ...(await handedIn(assignmentId)));
  }
  expect(await front()).toMatchObject({ posts: { length: 4 } });
  expect(await countStatements(front)).toBe(one);
  // Readers' pages would have nothing to show if they opened bodies.
  await database.change("UPDATE revisions SET body = 'none'");
  expect((await front())?.posts).toHaveLength(4);
  expect((await read())?.html).toBe('<p>grey all day long</p>');
});

async function handedIn(assignmentId: string): Promise<readonly [string, string]> {
  await succeeded(as(house, 'writer', beginPost, { assignmentId }));
  const id = await writePost(house, assignmentId);
  return [id, await handInPost(house, id)];
}
