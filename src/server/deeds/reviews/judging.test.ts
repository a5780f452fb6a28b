import { expect, test } from 'vitest';
import {
  as,
  deskFor,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writePost,
} from '../../../../tests/server/house';
import { database } from '../../ground/database/database';
import { findGrade } from '../../tables/gradeFigures';
import { listJudgements } from '../../tables/judgements';
import { maybeCompose } from '../../views/writing/viewCompose';
import { giveBackGrade } from './giveBackGrade';
import { judge } from './judge';
import { setGrade } from './setGrade';

const house = freshHouse();

async function handedIn() {
  const postId = await writePost(house, await setWork(house));
  return { postId, handInId: await handInPost(house, postId) };
}

test('of two teachers who judge a criterion each keeps their own level, and the last one counts', async () => {
  const named = { ...(await handedIn()), criterionId: 'noticing' };
  const counts = async () => (await listJudgements(database, named.postId)).map(({ level }) => level);
  await succeeded(as(house, 'teacher', judge, { ...named, level: 0 }));
  await succeeded(as(house, 'coTeacher', judge, { ...named, level: 1 }));
  expect(await counts()).toEqual([1]);
  await succeeded(as(house, 'teacher', judge, { ...named, level: 0 }));
  expect(await counts()).toEqual([0]);
  await succeeded(as(house, 'coTeacher', judge, { ...named, level: null }));
  expect(await counts()).toEqual([]);
  const kept = await database.rows('SELECT level FROM judgements ORDER BY ordinal');
  expect(kept).toEqual([{ level: 0 }, { level: null }]);
});

test('what was said about a grade is only added to: figures, reasons, and what was given back', async () => {
  const named = await handedIn();
  const say = (grade: number | null, reason = 'Read it aloud') =>
    succeeded(as(house, 'teacher', setGrade, { ...named, grade, reason }));
  const later = new Date(NOW.getTime() + 60_000);
  await say(7);
  await succeeded(as(house, 'teacher', giveBackGrade, named));
  await say(8, 'And the second part');
  await say(8, 'And the second part');
  await succeeded(as(house, 'coTeacher', giveBackGrade, named, later));
  await say(null);
  const rows = await database.rows<{ figure: string | null }>(
    'SELECT figure, reason, given_back_at AS back FROM grade_figures ORDER BY ordinal',
  );
  expect(rows.map((row) => ({ ...row, figure: row.figure && Number(row.figure) }))).toEqual([
    { figure: 7, reason: 'Read it aloud', back: null },
    { figure: 7, reason: 'Read it aloud', back: NOW },
    { figure: 8, reason: 'And the second part', back: null },
    { figure: 8, reason: 'And the second part', back: later },
    { figure: null, reason: null, back: null },
  ]);
  expect(await findGrade(database, named.postId)).toMatchObject({
    overrideGrade: null,
    givenBackAt: later,
    givenBack: { grade: 8 },
  });
});

test('a grade that was given back changes only with a reason, which its writer reads; given back twice it is given back once', async () => {
  const named = await handedIn();
  const level = (chosen: number) =>
    succeeded(as(house, 'teacher', judge, { ...named, criterionId: 'noticing', level: chosen }));
  const give = (reason?: string) =>
    as(house, 'teacher', giveBackGrade, { ...named, ...(reason && { reason }) });
  const backs = async () =>
    (await database.rows('SELECT 1 FROM grade_figures WHERE given_back_at IS NOT NULL')).length;
  await level(0);
  await succeeded(give());
  await succeeded(give());
  expect(await backs()).toBe(1);
  const first = (await findGrade(database, named.postId))?.givenBack?.grade ?? 0;
  await level(1);
  expect(await give()).toMatchObject({ code: 'review.noReasonAgain', values: { before: first } });
  expect(await give('  ')).toMatchObject({ code: 'review.noReasonAgain' });
  await succeeded(give('I read the second part again.'));
  await succeeded(give('I read the second part again.'));
  expect(await backs()).toBe(2);
  expect((await maybeCompose(named.postId, await deskFor(house, 'writer')))?.grade).toMatchObject({
    changed: { before: { grade: first }, reason: 'I read the second part again.' },
  });
});
