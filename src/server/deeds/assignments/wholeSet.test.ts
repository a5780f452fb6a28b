import { beforeEach, expect, test } from 'vitest';
import {
  addPerson,
  as,
  deskFor,
  freshHouse,
  handInPost,
  NOW,
  setWork,
  succeeded,
  writePost,
} from '../../../../tests/server/house';
import { maybeSet } from '../../views/set/viewSet';
import { listWork } from '../../views/today/listWork';
import { maybeTeacherToday } from '../../views/today/viewTeacherToday';
import { database } from '../../ground/database/database';
import { listAdjustments } from '../../tables/adjustments';
import { accept } from '../reviews/accept';
import { giveBackGrade } from '../reviews/giveBackGrade';
import { judge } from '../reviews/judge';
import { openHandIn } from '../reviews/openHandIn';
import { adjustAssignment } from './adjustAssignment';
import { excuseStudents } from './excuseStudents';
import { giveMoreTime } from './giveMoreTime';
import { remindStudents } from './remindStudents';

const house = freshHouse();
let assignmentId: string;
beforeEach(async () => {
  assignmentId = await setWork(house);
});

const row = async (name: string) => {
  const set = await maybeSet(assignmentId, await deskFor(house, 'teacher'));
  for (const { state, rows } of set?.groups ?? [])
    for (const one of rows) if (one.name === name) return { group: state, ...one };
  return null;
};
const mate = () => house.people.classmate;
const later = (minutes: number) => new Date(NOW.getTime() + minutes * 60_000);
const whom = () => ({ assignmentId, personIds: [mate()] });
const matesWork = async () => (await listWork(await deskFor(house, 'classmate')))[0];
const mails = () => database.rows("SELECT payload FROM jobs WHERE kind = 'sendMail'");

test('more time moves the due time alone; what else is asked otherwise stays, and it is never earlier', async () => {
  const less = { personIds: [mate()], due: null, leftOut: ['bonus'], limits: {} };
  await succeeded(as(house, 'teacher', adjustAssignment, { assignmentId, ...less }));
  await succeeded(as(house, 'coTeacher', giveMoreTime, { ...whom(), due: '2026-11-24T16:00' }));
  expect(await listAdjustments(database, assignmentId)).toMatchObject([
    { leftOut: ['bonus'], dueAt: new Date('2026-11-24T16:00:00Z'), excused: false },
  ]);
  expect(await row('Mate E.')).toMatchObject({ until: expect.stringContaining('24 November') as string });
  const sooner = as(house, 'teacher', giveMoreTime, { ...whom(), due: '2026-11-18T16:00' });
  expect(await sooner).toMatchObject({ code: 'assignment.dueBefore', field: 'due' });
  const stranger = { assignmentId, personIds: [mate(), house.people.stranger], due: '2026-11-25T16:00' };
  expect(await as(house, 'teacher', giveMoreTime, stranger)).toMatchObject({
    code: 'assignment.notAStudent',
  });
  expect(await row('Mate E.')).toMatchObject({ until: expect.stringContaining('24 November') as string });
});

test('who is excused is asked nothing, is missed by nobody, and may be let take part again', async () => {
  const excuse = (excused: boolean) => as(house, 'teacher', excuseStudents, { ...whom(), excused });
  await succeeded(excuse(true));
  await succeeded(excuse(true));
  expect(await row('Mate E.')).toMatchObject({ group: 'excused', excused: true });
  expect(await matesWork()).toMatchObject({ excused: true });
  const missed = async () =>
    (await maybeTeacherToday([await deskFor(house, 'teacher')]))?.classes[0]?.assignments[0]?.notBegun;
  expect(await missed()).not.toContain('Mate E.');
  await succeeded(excuse(false));
  expect(await row('Mate E.')).toMatchObject({ group: 'notBegun', excused: false });
  expect(await missed()).toContain('Mate E.');
});

test('a reminder stands on Today and goes by mail where there is an address, once for the same words', async () => {
  const remind = (words: string, minutes = 0) =>
    as(house, 'teacher', remindStudents, { ...whom(), words }, later(minutes));
  expect(await remind('  ')).toMatchObject({ code: 'assignment.noWords', field: 'words' });
  await database.change("UPDATE people SET email = 'mate@example.org' WHERE id = :id", { id: mate() });
  expect(await succeeded(remind('What is in the way?'))).toEqual({ reminded: 1, mailed: 1 });
  expect(await succeeded(remind('What is in the way? ', 1))).toEqual({ reminded: 0, mailed: 0 });
  expect(await matesWork()).toMatchObject({ reminder: 'What is in the way?' });
  const [mail] = await mails();
  expect(JSON.stringify(mail)).toContain('mate@example.org');
  // No words of a teacher's, and none of a child's, go by mail.
  expect(JSON.stringify(mail)).not.toContain('in the way');
  expect(await succeeded(remind('Today is the last day.', 2))).toEqual({ reminded: 1, mailed: 1 });
  expect(await row('Mate E.')).toMatchObject({ reminded: expect.any(String) as string });
  expect((await listWork(await deskFor(house, 'writer')))[0]).toMatchObject({ reminder: null });
});

test('sent four hundred times at once, one reminder is kept and one mail written', async () => {
  await database.change("UPDATE people SET email = 'mate@example.org' WHERE id = :id", { id: mate() });
  const answers = await Promise.all(
    Array.from({ length: 400 }, () => as(house, 'teacher', remindStudents, { ...whom(), words: 'Write!' })),
  );
  expect(answers.flatMap((one) => (one.ok ? [one.value.reminded] : [])).reduce((a, b) => a + b, 0)).toBe(1);
  expect(await mails()).toHaveLength(1);
});

test('a row says what was read, judged, noted and given back', async () => {
  const postId = await writePost(house, assignmentId);
  const handInId = await handInPost(house, postId);
  const named = { postId, handInId };
  expect(await row('Wren E.')).toMatchObject({
    figure: { provisional: true, givenBack: null },
    judged: 0,
    readBy: [],
  });
  await succeeded(as(house, 'teacher', openHandIn, named));
  await succeeded(as(house, 'teacher', judge, { ...named, criterionId: 'noticing', level: 1 }));
  await succeeded(as(house, 'teacher', accept, named));
  expect(await row('Wren E.')).toMatchObject({
    figure: { provisional: false, givenBack: null },
    judged: 1,
    readBy: [{ monogram: 'TE' }],
    closed: {},
  });
  await succeeded(as(house, 'teacher', giveBackGrade, named));
  const { figure } = (await row('Wren E.'))!;
  expect(figure?.givenBack).toBe(figure?.grade);
  await succeeded(as(house, 'teacher', judge, { ...named, criterionId: 'noticing', level: 0 }));
  const changed = (await row('Wren E.'))!.figure;
  expect(changed?.grade).not.toBe(changed?.givenBack);
});

test('the statements of the set do not grow with the class', async () => {
  const { countStatements } = await import('../../../../tests/server/countStatements');
  const look = async () => maybeSet(assignmentId, await deskFor(house, 'teacher'));
  const before = await countStatements(look);
  for (const name of ['Ivo', 'Jun', 'Kit']) await addPerson(name, house.classId, 'student');
  await handInPost(house, await writePost(house, assignmentId));
  expect(await countStatements(look)).toBe(before);
});
