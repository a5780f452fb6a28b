import { beforeEach, expect, test } from 'vitest';
import { acceptedPost, as, NOW, succeeded, writing, freshHouse } from '../../../../tests/server/house';
import { database } from '../../ground/database/database';
import { insertDailyJob } from '../../ground/jobs/queries';
import { findRetention } from '../../tables/retention';
import { runOneJob } from '../chores/runJobs';
import { removeStudents } from '../people/removeStudents';
import { savePost } from '../posts/savePost';
import { changeRetention } from './changeRetention';

const house = freshHouse();
let postId: string;
const NOTHING = {
  revisions: null,
  readings: null,
  logs: null,
  leftPosts: null,
  cases: null,
  ownLines: null,
  absences: null,
};
const MONTHS = 31 * 86_400_000;
const later = (months: number) => new Date(NOW.getTime() + months * MONTHS);
beforeEach(async () => {
  ({ postId } = await acceptedPost(house));
  // A save from an older base becomes a revision of its own.
  const input = { postId, version: 1, writing: writing('<p>on another device</p>') };
  await as(house, 'writer', savePost, input);
});

const keep = (months: object) => as(house, 'administrator', changeRetention, { ...NOTHING, ...months });
const count = async (table: string, where = '1') =>
  (await database.rows<{ count: number }>(`SELECT COUNT(*) AS count FROM ${table} WHERE ${where}`))[0]?.count;

async function aDay(now: Date): Promise<void> {
  await insertDailyJob(database, 'applyRetention', now);
  while (await runOneJob(now));
}

test('what is not said is kept', async () => {
  const before = [await count('revisions'), await count('readings'), await count('audit_log')];
  await aDay(later(120));
  expect([await count('revisions'), await count('readings'), await count('audit_log')]).toEqual(before);
});

test('revisions go, those that were handed in or published stay', async () => {
  expect(await count('revisions', "kind = 'branch'")).toBe(1);
  const all = await count('revisions');
  await succeeded(keep({ revisions: 2 }));
  await aDay(later(1));
  expect(await count('revisions')).toBe(all);
  await aDay(later(3));
  expect(await count('revisions', "kind = 'branch'")).toBe(0);
  expect(await count('revisions', "kind = 'handIn'")).toBe(1);
  expect(await count('publications')).toBe(1);
});

test('who read what goes once it is accepted, and the log goes', async () => {
  await succeeded(keep({ readings: 1, logs: 3 }));
  await aDay(later(2));
  expect(await count('readings')).toBe(0);
  expect(await count('audit_log')).toBeGreaterThan(0);
  await aDay(later(4));
  expect(await count('audit_log')).toBe(0);
});

test('posts of students who left go, those of the others stay', async () => {
  await succeeded(keep({ leftPosts: 6 }));
  await aDay(later(7));
  expect(await count('posts')).toBe(1);
  const input = { classId: house.classId, personIds: [house.people.writer] };
  await succeeded(as(house, 'teacher', removeStudents, input, later(7)));
  await aDay(later(12));
  expect(await count('posts')).toBe(1);
  await aDay(later(14));
  expect([await count('posts'), await count('hand_ins'), await count('revisions')]).toEqual([0, 0, 0]);
});

test('the daily work stands on the list once, whoever asks', async () => {
  await insertDailyJob(database, 'applyRetention', NOW);
  await insertDailyJob(database, 'applyRetention', new Date(NOW.getTime() + 1000));
  expect(await count('jobs', "kind = 'applyRetention'")).toBe(1);
});

test.each([
  [{ revisions: 0 }, 'revisions'],
  [{ logs: 2 }, 'logs'],
  [{ leftPosts: 121 }, 'leftPosts'],
])('%j is refused at its field', async (months, field) => {
  expect(await keep(months)).toMatchObject({ code: 'retention.outside', field });
});

test('a limit is changed and taken away', async () => {
  await succeeded(keep({ logs: 12 }));
  expect(await findRetention(database)).toEqual({ ...NOTHING, logs: 12 });
  await succeeded(keep({}));
  expect(await findRetention(database)).toEqual(NOTHING);
});
