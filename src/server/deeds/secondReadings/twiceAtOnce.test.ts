import { beforeEach, describe, expect, test } from 'vitest';
import { atOnce, codesOf, MANY, noted, ofThem } from '../../../../tests/server/atOnce';
import {
  addPerson,
  as,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writePost,
} from '../../../../tests/server/house';
import { perform } from '../../ground/access/perform';
import { database } from '../../ground/database/database';
import { listJudgements } from '../../tables/judgements';
import { findSecondReading } from '../../tables/secondReadings';
import { beginPost } from '../posts/beginPost';
import { typeIn } from '../posts/typeIn';
import { judge } from '../reviews/judge';
import { lookAtName } from '../reviews/lookAtName';
import { askSecondReading } from './askSecondReading';
import { dropSecondReading } from './dropSecondReading';
import { finishSecondReading } from './finishSecondReading';
import { settleSecondReading } from './settleSecondReading';

const house = freshHouse({ atOnce: true });
let assignmentId: string;
let named: { readonly postId: string; readonly handInId: string };
beforeEach(async () => {
  assignmentId = await setWork(house, { hidesNames: true });
  const postId = await writePost(house, assignmentId);
  named = { postId, handInId: await handInPost(house, postId) };
});

const ask = () =>
  as(house, 'teacher', askSecondReading, {
    assignmentId,
    readerId: house.people.coTeacher,
    which: { kind: 'all' },
  });
const give = (who: 'teacher' | 'coTeacher', level: number, more: object = {}) =>
  as(house, who, judge, { ...named, criterionId: 'noticing', level, ...more });
const finish = () => as(house, 'coTeacher', finishSecondReading, named);
const drop = () => as(house, 'teacher', dropSecondReading, { assignmentId });
const settle = (level: number) =>
  as(house, 'teacher', settleSecondReading, { ...named, levels: { noticing: level }, reason: 'He saw it.' });

describe('four hundred times at once', () => {
  test('a second reading is asked for once', async () => {
    const asked = await atOnce(ask);
    expect(ofThem(asked)).toBe(1);
    expect(codesOf(asked)).toEqual(new Set(['review.nothingToReadTwice']));
  });

  test('it is done once, and the figure is set of what both gave first', async () => {
    await succeeded(ask());
    await succeeded(give('teacher', 1));
    await succeeded(give('coTeacher', 0));
    const done = await atOnce(finish);
    expect(ofThem(done)).toBe(1);
    expect(codesOf(done)).toEqual(new Set(['notThere']));
    const set = await atOnce((index) => settle(index % 2));
    expect(codesOf(set)).toEqual(new Set());
    expect((await findSecondReading(database, named.postId))?.settled).toMatchObject({
      firstLevels: { noticing: 1 },
      first: 10,
      second: 6,
    });
  });

  test('the name is looked at once for all, each press in the log', async () => {
    const looked = await atOnce(() =>
      as(house, 'teacher', lookAtName, { postId: named.postId, reason: 'worry' }),
    );
    expect(ofThem(looked)).toBe(MANY);
    expect(await database.rows('SELECT post_id FROM names_looked_at')).toHaveLength(1);
    expect(await noted('lookAtName')).toBe(MANY);
  });

  test('two teachers and a student begin one post, of one of them', async () => {
    const all = await atOnce((index) =>
      index % 3 === 0
        ? as(house, 'classmate', beginPost, { assignmentId })
        : as(house, index % 3 === 1 ? 'teacher' : 'coTeacher', typeIn, {
            assignmentId,
            personId: house.people.classmate,
          }),
    );
    for (const code of codesOf(all)) expect(['post.begunAlready', 'sameMoment']).toContain(code);
    const posts = await database.rows<{ readonly id: string }>(
      'SELECT id FROM posts WHERE assignment_id = :assignmentId AND writer_id = :writerId',
      { assignmentId, writerId: house.people.classmate },
    );
    expect(posts).toHaveLength(1);
    for (const one of all) if (one.ok) expect(one.value).toEqual({ postId: posts[0]?.id });
  });
});

test('a class that begins at the same moment is given numbers of which no two are the same', async () => {
  const people = await Promise.all(
    Array.from({ length: 120 }, (_, index) => addPerson(`Child${index}`, house.classId, 'student')),
  );
  const begun = await Promise.all(
    people.map((personId) => perform(beginPost, { assignmentId }, { personId, now: NOW })),
  );
  expect(codesOf(begun)).toEqual(new Set());
  const rows = await database.rows<{ readonly number: number | null }>(
    'SELECT drawn_number AS number FROM posts WHERE assignment_id = :assignmentId',
    { assignmentId },
  );
  expect(new Set(rows.map(({ number }) => number)).size).toBe(121);
  for (const { number } of rows) expect(number).toBeGreaterThanOrEqual(100);
});

test.each([0, 1, 2, 3, 4, 5])(
  'judging beside taking back: nothing of the second reading counts, %i',
  async () => {
    await succeeded(ask());
    await Promise.all([
      give('coTeacher', 0, { second: true }),
      drop(),
      give('coTeacher', 1, { second: true }),
    ]);
    expect(await findSecondReading(database, named.postId)).toBeNull();
    expect(await listJudgements(database, named.postId)).toEqual([]);
  },
);

test.each([0, 1, 2, 3, 4, 5])('being done beside taking back: one of the two, %i', async () => {
  await succeeded(ask());
  await succeeded(give('coTeacher', 0));
  const [done, dropped] = await Promise.all([finish(), drop()]);
  const row = await findSecondReading(database, named.postId);
  expect(row !== null).toBe(done.ok);
  expect(dropped).toMatchObject({ ok: true, value: { dropped: done.ok ? 0 : 1 } });
  // Taken back, it counts nowhere; done, it stands beside the first.
  expect(await listJudgements(database, named.postId)).toEqual([]);
});
