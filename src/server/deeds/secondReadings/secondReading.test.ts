import { beforeEach, describe, expect, test } from 'vitest';
import {
  acceptPost,
  as,
  deskFor,
  desksFor,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writeNote,
  writePost,
  writing,
} from '../../../../tests/server/house';
import { filesIn } from '../../../../tests/server/filesIn';
import { database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { listHandIns } from '../../tables/handIns';
import { listJudgements } from '../../tables/judgements';
import { findSecondReading } from '../../tables/secondReadings';
import { leaveClassAs } from '../../tables/memberships';
import { countWaiting } from '../../tables/postsOfClass';
import { maybeLog } from '../../views/class/viewLog';
import { maybePile } from '../../views/review/listPile';
import { maybeReview } from '../../views/review/viewReview';
import { maybeSecondReading } from '../../views/secondReading/viewSecondReading';
import { maybeSet } from '../../views/set/viewSet';
import { maybeTeacherToday } from '../../views/today/viewTeacherToday';
import { maybeClassArchive } from '../archives/archiveClass';
import { keepNote } from '../notes/keepNote';
import { sendNotes } from '../notes/sendNotes';
import { beginPost } from '../posts/beginPost';
import { handIn } from '../posts/handIn';
import { savePost } from '../posts/savePost';
import { accept } from '../reviews/accept';
import { decide } from '../reviews/decide';
import { giveBackGrade } from '../reviews/giveBackGrade';
import { judge } from '../reviews/judge';
import { overruleRequirement } from '../reviews/overruleRequirement';
import { sendBack } from '../reviews/sendBack';
import { setGrade } from '../reviews/setGrade';
import { askSecondReading } from './askSecondReading';
import { dropSecondReading } from './dropSecondReading';
import { finishSecondReading } from './finishSecondReading';
import { settleSecondReading } from './settleSecondReading';

const house = freshHouse();
let assignmentId: string;
let named: { readonly postId: string; readonly handInId: string };
beforeEach(async () => {
  assignmentId = await setWork(house);
  const postId = await writePost(house, assignmentId);
  named = { postId, handInId: await handInPost(house, postId) };
});

const ask = (which: object = { kind: 'all' }, readerId = house.people.coTeacher) =>
  as(house, 'teacher', askSecondReading, { assignmentId, readerId, which });
const give = (who: 'teacher' | 'coTeacher', level: number | null) =>
  as(house, who, judge, { ...named, criterionId: 'noticing', level });
const finish = () => as(house, 'coTeacher', finishSecondReading, named);
const settle = (
  level: number,
  reason = 'He saw it.',
  who: 'teacher' | 'coTeacher' | 'supplyTeacher' = 'teacher',
) => as(house, who, settleSecondReading, { ...named, levels: { noticing: level }, reason });
const review = async (who: 'teacher' | 'coTeacher') => maybeReview(named.postId, await desksFor(house, who));
const page = async (who: 'teacher' | 'coTeacher') =>
  maybeSecondReading(assignmentId, await deskFor(house, who));
const row = async (who: 'teacher' | 'coTeacher') => (await page(who))?.rows[0];
const setRow = async (who: 'teacher' | 'coTeacher') =>
  (await maybeSet(assignmentId, await deskFor(house, who)))?.groups
    .flatMap(({ rows }) => rows)
    .find(({ postId }) => postId === named.postId);
const logLines = async (who: 'teacher' | 'coTeacher') =>
  (await maybeLog(await deskFor(house, who), { before: null, person: null }))?.lines ?? [];

async function classmatesPost() {
  const { postId } = await succeeded(as(house, 'classmate', beginPost, { assignmentId }));
  await succeeded(
    as(house, 'classmate', savePost, {
      postId,
      version: 1,
      writing: writing('<p>mine is all about ice</p>'),
    }),
  );
  await succeeded(as(house, 'classmate', handIn, { postId, version: 2 }));
  return { postId, handInId: (await listHandIns(database, postId)).at(-1)!.id };
}

describe('asking for a second reading', () => {
  test('another teacher of the class is asked, for all, for a sample, or near a border', async () => {
    const other = await classmatesPost();
    await succeeded(give('teacher', 1));
    const figure = (await review('teacher'))!.grade.grade;
    // Only what has a figure is near a border.
    const near = { kind: 'border', borders: [figure + 1], within: 1 };
    expect(await succeeded(ask(near))).toEqual({ asked: 1 });
    expect(await findSecondReading(database, other.postId)).toBeNull();
    expect(await succeeded(ask({ kind: 'sample', count: 5 }))).toEqual({ asked: 1 });
    expect(await findSecondReading(database, other.postId)).toMatchObject({
      readerId: house.people.coTeacher,
    });
    expect(await ask()).toMatchObject({ ok: false, code: 'review.nothingToReadTwice' });
  });

  test('nobody else is asked, and nobody who has judged it already', async () => {
    for (const who of ['teacher', 'supplyTeacher', 'writer', 'stranger'] as const)
      expect(await ask({ kind: 'all' }, house.people[who])).toMatchObject({ code: 'review.noSecondReader' });
    await succeeded(give('coTeacher', 1));
    expect(await ask()).toMatchObject({ code: 'review.nothingToReadTwice' });
    expect(
      await as(house, 'supplyTeacher', askSecondReading, {
        assignmentId,
        readerId: house.people.coTeacher,
        which: { kind: 'all' },
      }),
    ).toMatchObject({ code: 'notThere' });
  });

  test('taken back, what was judged of it counts nowhere', async () => {
    await succeeded(ask());
    await succeeded(give('coTeacher', 0));
    expect(await succeeded(as(house, 'teacher', dropSecondReading, { assignmentId }))).toEqual({
      dropped: 1,
    });
    expect(await listJudgements(database, named.postId)).toEqual([]);
    expect(await row('teacher')).toBeUndefined();
    // What is done stays.
    await succeeded(ask());
    await succeeded(give('coTeacher', 0));
    await succeeded(finish());
    expect(await succeeded(as(house, 'teacher', dropSecondReading, { assignmentId }))).toEqual({
      dropped: 0,
    });
  });
});

describe('until the second reader is done', () => {
  beforeEach(async () => {
    await succeeded(give('teacher', 1));
    await succeeded(
      as(house, 'teacher', overruleRequirement, {
        ...named,
        requirementId: 'bonus',
        met: true,
        reason: 'The label was a mistake of mine.',
      }),
    );
    await succeeded(
      as(house, 'teacher', setGrade, { ...named, grade: 9.75, reason: 'It sang when I read it.' }),
    );
    await writeNote(house, 'teacher', { ...named, text: 'A fine opening.' });
    await succeeded(as(house, 'teacher', giveBackGrade, named));
    await succeeded(ask());
  });

  test('nothing that the first reader gave is on any page or in any file of theirs', async () => {
    expect(await review('coTeacher')).toMatchObject({
      levels: {},
      override: null,
      gradeGivenBack: null,
      overruled: {},
      notes: [],
      second: { mine: true, state: 'secondOpen', locked: false },
    });
    expect(await setRow('coTeacher')).toMatchObject({
      figure: null,
      judged: 0,
      notes: 0,
      readTwice: true,
      second: { mine: true },
    });
    expect(await row('coTeacher')).toMatchObject({
      first: null,
      difference: null,
      settled: null,
      input: null,
    });
    const taken = (who: 'teacher' | 'coTeacher') =>
      maybeClassArchive(house.classId, { personId: house.people[who], now: NOW });
    const files = await filesIn(await taken('coTeacher'));
    expect(Object.keys(files).length).toBeGreaterThan(3);
    const pages = [
      await review('coTeacher'),
      await setRow('coTeacher'),
      await row('coTeacher'),
      await maybeTeacherToday([await deskFor(house, 'coTeacher')]),
      await logLines('coTeacher'),
      await maybePile([await deskFor(house, 'coTeacher')]),
      files,
    ];
    for (const one of pages)
      expect(JSON.stringify(one)).not.toMatch(/9\.75|It sang|A fine opening|a mistake of mine/);
    // Who asked has all of it, and in their archive too.
    expect(JSON.stringify(await filesIn(await taken('teacher')))).toMatch(/9\.75/);
  });

  test('what they give is not on a page of the first reader either', async () => {
    await succeeded(give('coTeacher', 0));
    const noteId = newId();
    const whole = { target: 'post', targetId: null, anchor: null, suggested: null, version: 0 } as const;
    await succeeded(as(house, 'coTeacher', keepNote, { ...named, noteId, text: 'I disagree.', ...whole }));
    expect(await review('teacher')).toMatchObject({ levels: { noticing: 1 }, grade: { grade: 9.75 } });
    expect(await row('teacher')).toMatchObject({ second: null, difference: null });
    expect(JSON.stringify([await review('teacher'), await row('teacher')])).not.toContain('I disagree');
    expect(await review('coTeacher')).toMatchObject({
      levels: { noticing: 0 },
      notes: [{ text: 'I disagree.' }],
    });
  });

  test('they decide nothing, and their notes wait', async () => {
    const refused = { ok: false, code: 'review.readsSecond' };
    expect(await as(house, 'coTeacher', accept, named)).toMatchObject(refused);
    expect(await as(house, 'coTeacher', sendBack, named)).toMatchObject(refused);
    expect(await as(house, 'coTeacher', decide, { ...named, decision: 'accept' })).toMatchObject(refused);
    expect(await as(house, 'coTeacher', setGrade, { ...named, grade: 2, reason: 'So.' })).toMatchObject(
      refused,
    );
    expect(await as(house, 'coTeacher', giveBackGrade, named)).toMatchObject(refused);
    expect(await as(house, 'coTeacher', sendNotes, named)).toMatchObject(refused);
    expect(await settle(1, 'Mine.', 'coTeacher')).toMatchObject({ code: 'notThere' });
    expect(await settle(1, 'Mine.', 'supplyTeacher')).toMatchObject({ code: 'notThere' });
  });

  test('it lies on their pile, however far it is, and stands on their Today', async () => {
    await acceptPost(house, named.postId, named.handInId);
    const [slip] = (await maybePile([await deskFor(house, 'coTeacher')])) ?? [];
    expect(slip).toMatchObject({ postId: named.postId, second: true, answers: { count: 0 } });
    expect(await maybePile([await deskFor(house, 'teacher')])).toEqual([]);
    const waiting = { classIds: [house.classId] };
    expect(await countWaiting(database, { ...waiting, readerId: house.people.coTeacher })).toBe(1);
    expect(await countWaiting(database, { ...waiting, readerId: house.people.teacher })).toBe(0);
    const today = await maybeTeacherToday([await deskFor(house, 'coTeacher')]);
    expect(today?.classes[0]?.secondReadings).toMatchObject([{ toRead: 1, first: named.postId, done: 0 }]);
  });

  test('no grade is given back', async () => {
    await succeeded(as(house, 'teacher', setGrade, { ...named, grade: 4, reason: 'Less.' }));
    expect(await as(house, 'teacher', giveBackGrade, named)).toMatchObject({ code: 'review.secondOpen' });
    expect(await setRow('teacher')).toMatchObject({ readTwice: true, second: { state: 'secondOpen' } });
  });
});

describe('once both have judged', () => {
  beforeEach(async () => {
    await succeeded(ask());
    await succeeded(give('coTeacher', 0));
    expect(await settle(1)).toMatchObject({ code: 'review.secondOpen' });
    await succeeded(finish());
  });

  test('the first reader sees nothing of it before they have judged too', async () => {
    expect(await row('teacher')).toMatchObject({ state: 'firstOpen', second: null });
    expect(await settle(1)).toMatchObject({ code: 'review.secondOpen' });
    await succeeded(give('teacher', 1));
    expect(await row('teacher')).toMatchObject({ state: 'apart', second: { levels: { noticing: 0 } } });
  });

  test('both figures stand beside each other, the figure is set with a reason, and the log keeps all three', async () => {
    await succeeded(give('teacher', 1));
    const apart = await row('teacher');
    const [first, second] = [apart?.first?.figure ?? 0, apart?.second?.figure ?? 0];
    expect(apart).toMatchObject({ difference: second - first, differing: ['Noticing'] });
    expect(await row('coTeacher')).toMatchObject({ first: { figure: first }, second: { figure: second } });
    expect(await as(house, 'teacher', giveBackGrade, named)).toMatchObject({ code: 'review.secondApart' });
    expect(await settle(0, ' ')).toMatchObject({ code: 'review.noReason', field: 'reason' });
    expect(await settle(7)).toMatchObject({ code: 'review.noLevel' });
    expect(await settle(0, 'Mine.', 'coTeacher')).toMatchObject({ code: 'review.secondSets' });
    await succeeded(settle(0));
    await succeeded(settle(0));
    const set = (await row('teacher'))!;
    expect(set).toMatchObject({
      state: 'settled',
      first: { figure: first },
      second: { figure: second },
      settled: { figure: second, reason: 'He saw it.', levels: { noticing: 0 } },
    });
    expect((await review('teacher'))?.grade.grade).toBe(second);
    const [line] = (await logLines('teacher')).filter(({ useCase }) => useCase === 'settleSecondReading');
    expect(line).toMatchObject({ before: `${first}, ${second}`, after: String(second) });
    await succeeded(as(house, 'teacher', giveBackGrade, named));
    // Set once more, what both gave stays what it was.
    await succeeded(settle(1, 'I looked again.'));
    expect(await row('teacher')).toMatchObject({ first: { figure: first }, settled: { figure: first } });
  });

  test('the same figure stands as it is', async () => {
    await succeeded(give('teacher', 0));
    expect(await row('teacher')).toMatchObject({ state: 'same', difference: 0, differing: [] });
    await succeeded(as(house, 'teacher', giveBackGrade, named));
  });

  test('neither changes what they gave', async () => {
    expect(await give('coTeacher', 1)).toMatchObject({ code: 'review.readTwice' });
    await succeeded(give('teacher', 1));
    expect(await give('teacher', 0)).toMatchObject({ code: 'review.readTwice' });
    expect(
      await as(house, 'teacher', judge, { ...named, criterionId: 'noticing', level: null }),
    ).toMatchObject({
      code: 'review.readTwice',
    });
    expect(await finish()).toMatchObject({ code: 'notThere' });
    expect(
      await as(house, 'coTeacher', overruleRequirement, {
        ...named,
        requirementId: 'bonus',
        met: true,
        reason: 'So.',
      }),
    ).toMatchObject({ code: 'review.readTwice' });
  });

  test('a figure of one’s own that stood before gives way to the one that is set', async () => {
    await succeeded(give('teacher', 1));
    await succeeded(as(house, 'teacher', setGrade, { ...named, grade: 9, reason: 'It sang.' }));
    expect(await row('teacher')).toMatchObject({ first: { figure: 9 } });
    const { figure } = await succeeded(settle(1, 'As the levels say.'));
    expect(figure).not.toBe(9);
    expect((await review('teacher'))?.grade.grade).toBe(figure);
    expect(await row('teacher')).toMatchObject({ first: { figure: 9 }, settled: { figure } });
  });
});

test('a page that judged as another reader before is told, and nothing is counted as the wrong one’s', async () => {
  const judging = { ...named, criterionId: 'noticing', level: 1 };
  await succeeded(ask());
  expect(await as(house, 'coTeacher', judge, { ...judging, second: false })).toMatchObject({
    code: 'review.otherReading',
  });
  await succeeded(as(house, 'coTeacher', judge, { ...judging, second: true }));
  await succeeded(as(house, 'teacher', dropSecondReading, { assignmentId }));
  expect(await as(house, 'coTeacher', judge, { ...judging, second: true })).toMatchObject({
    code: 'review.otherReading',
  });
  expect(await listJudgements(database, named.postId)).toEqual([]);
});

test('what is judged half is not done', async () => {
  await succeeded(ask());
  expect(await finish()).toMatchObject({ code: 'review.provisional' });
});

test('who is taken out of the class reads nothing any more', async () => {
  await succeeded(ask());
  const personId = house.people.coTeacher;
  await leaveClassAs(database, { classId: house.classId, personId, role: 'coTeacher', at: NOW });
  expect(await give('coTeacher', 1)).toMatchObject({ code: 'notThere' });
  expect(await finish()).toMatchObject({ code: 'notThere' });
});
