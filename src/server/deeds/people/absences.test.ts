import { beforeEach, expect, test } from 'vitest';
import {
  addClass,
  addMember,
  addPerson,
  as,
  deskFor,
  desksFor,
  freshHouse,
  handInPost,
  NOW,
  personOf,
  setWork,
  succeeded,
  writePost,
} from '../../../../tests/server/house';
import { mailsTo } from '../../../../tests/support/mails';
import { database } from '../../ground/database/database';
import { perform } from '../../ground/access/perform';
import { listAbsences } from '../../tables/absences';
import { findClass } from '../../tables/classes';
import { updateRetention } from '../../tables/retention';
import { maybeReview } from '../../views/review/viewReview';
import { maybeRoster } from '../../views/roster/viewRoster';
import { maybeSet } from '../../views/set/viewSet';
import { awayNow } from '../../views/today/awayNow';
import { listWork } from '../../views/today/listWork';
import { maybeTeacherToday } from '../../views/today/viewTeacherToday';
import { maybeArchive } from '../archives/archivePerson';
import { excuseStudents } from '../assignments/excuseStudents';
import { remindStudents } from '../assignments/remindStudents';
import { applyRetention } from '../chores/applyRetention';
import { changeAwayRule } from '../classes/changeAwayRule';
import { readBook } from '../gradebook/readBook';
import { filesIn } from '../../../../tests/server/filesIn';
import { dropAbsence, noteAbsence } from './noteAbsence';

const house = freshHouse();
let assignmentId: string;
beforeEach(async () => {
  assignmentId = await setWork(house);
});

const WEEK = { from: '2026-11-16', to: '2026-11-20' };
const note = (more: object = {}, who: Parameters<typeof as>[1] = 'teacher') =>
  as(house, who, noteAbsence, { classId: house.classId, personId: house.people.writer, ...WEEK, ...more });
const excuses = (classId = house.classId) =>
  as(house, 'teacher', changeAwayRule, { classId, dates: 'excuse', days: 3 });
const workOf = async (who: 'writer' | 'classmate') => (await listWork(await deskFor(house, who)))[0];
const cellOf = async (personId: string, now = NOW) => {
  const inClass = (await findClass(database, house.classId))!;
  const book = await readBook(database, { personId: house.people.teacher, inClass, now });
  return book.students.find(({ member }) => member.personId === personId)?.cells[0];
};

test('dates of who is away move to a day of school after they are back, and nobody else’s', async () => {
  await succeeded(note());
  // Wednesday is the third day of school after the week.
  expect(await workOf('writer')).toMatchObject({ dueDate: '2026-11-25', excused: false });
  expect(await workOf('classmate')).toMatchObject({ dueDate: '2026-11-19' });
  expect((await cellOf(house.people.writer))?.due).toEqual(new Date('2026-11-25T16:00:00Z'));
  expect(await awayNow(await deskFor(house, 'writer'))).toContain('20 November');
  expect(await awayNow(await deskFor(house, 'classmate'))).toBeNull();
});

test('late days are counted from the date that moved', async () => {
  const late = new Date('2026-11-26T12:00:00Z');
  const postId = await writePost(house, assignmentId);
  await handInPost(house, postId, late);
  const days = async () => (await maybeReview(postId, await desksFor(house, 'teacher')))?.daysLate;
  expect(await days()).toBe(7);
  await succeeded(note());
  expect(await days()).toBe(1);
});

test('each class has it as its teachers set, for one absence', async () => {
  const second = await addClass('fog', 'FOG12345', 'everyone');
  await addMember(house.people.writer, second, 'student');
  await addMember(house.people.teacher, second, 'teacher');
  await succeeded(as(house, 'teacher', changeAwayRule, { classId: second, dates: 'excuse', days: 1 }));
  await succeeded(note());
  expect((await findClass(database, house.classId))?.away).toEqual({ dates: 'move', days: 3 });
  expect((await findClass(database, second))?.away).toEqual({ dates: 'excuse', days: 1 });
  expect((await workOf('writer'))?.dueDate).toBe('2026-11-25');
  // The teacher of the other class takes it back for both.
  const [absence] = await listAbsences(database, house.people.writer);
  const asked = { classId: second, personId: house.people.writer, absenceId: absence!.id };
  await succeeded(as(house, 'teacher', dropAbsence, asked));
  expect((await workOf('writer'))?.dueDate).toBe('2026-11-19');
});

test('where the class excuses, nothing is missing; what is handed in all the same counts', async () => {
  await succeeded(excuses());
  await succeeded(note());
  const after = new Date('2026-12-01T12:00:00Z');
  expect(await workOf('writer')).toMatchObject({ excused: true });
  expect(await cellOf(house.people.writer, after)).toMatchObject({ excused: true, handedIn: false });
  expect(await cellOf(house.people.classmate, after)).toMatchObject({ excused: false });
  await handInPost(house, await writePost(house, assignmentId));
  expect(await cellOf(house.people.writer, after)).toMatchObject({ excused: false, handedIn: true });
});

test('a teacher asks it of somebody all the same, and excuses them again', async () => {
  await succeeded(excuses());
  await succeeded(note());
  const asks = (excused: boolean) =>
    succeeded(
      as(house, 'teacher', excuseStudents, { assignmentId, personIds: [house.people.writer], excused }),
    );
  await asks(false);
  expect(await workOf('writer')).toMatchObject({ excused: false });
  await asks(true);
  expect(await workOf('writer')).toMatchObject({ excused: true });
});

test('reminders pause: neither on Today nor by mail, and nobody is named as not begun', async () => {
  const email = 'wren@example.org';
  await database.change('UPDATE people SET email = :email WHERE id = :id', {
    ...{ email, id: house.people.writer },
  });
  const names = async () => JSON.stringify(await maybeTeacherToday(await desksFor(house, 'teacher')));
  expect(await names()).toContain('Wren E.');
  await succeeded(note());
  expect(await names()).not.toContain('Wren E.');
  const personIds = [house.people.writer, house.people.classmate];
  const remind = (now: Date) =>
    succeeded(
      perform(
        remindStudents,
        { assignmentId, personIds, words: 'Think of the skies.' },
        {
          ...{ personId: personOf(house, 'teacher'), now },
        },
      ),
    );
  expect(await remind(NOW)).toMatchObject({ reminded: 1 });
  expect((await workOf('writer'))?.reminder).toBeNull();
  expect(await mailsTo(email)).toEqual([]);
  const set = await maybeSet(assignmentId, await deskFor(house, 'teacher'));
  const rows = set?.groups.flatMap((group) => group.rows) ?? [];
  expect(rows.find(({ name }) => name === 'Wren E.')).toMatchObject({
    awayUntil: expect.stringContaining('20 November') as string,
    until: expect.stringContaining('25 November') as string,
  });
  expect(await remind(new Date('2026-11-21T12:00:00Z'))).toMatchObject({ reminded: 2 });
});

test('the roster says who is away now, and what was', async () => {
  await succeeded(note());
  await succeeded(note({ from: '2026-10-05', to: '2026-10-05' }));
  // The same days twice are one absence.
  await succeeded(note());
  const roster = await maybeRoster(await deskFor(house, 'teacher'));
  const student = roster?.students.find(({ personId }) => personId === house.people.writer);
  expect(student?.awayUntil).toContain('20 November');
  expect(student?.absences.map(({ over, to }) => [over, to === null])).toEqual([
    [false, false],
    [true, true],
  ]);
});

test('nonsense is refused at its field', async () => {
  expect(await note({ to: '2026-11-15' })).toMatchObject({ code: 'roster.awayEndsBefore', field: 'to' });
  expect(await note({ to: '2028-01-01' })).toMatchObject({ code: 'roster.awayTooLong', field: 'to' });
  expect(await note({ from: '2026-02-30' })).toMatchObject({ ok: false });
  expect(await note({ from: 'Monday' })).toMatchObject({ ok: false });
  expect(await note({ personId: house.people.teacher })).toMatchObject({ code: 'notThere' });
  expect(await note({ personId: house.people.stranger })).toMatchObject({ code: 'notThere' });
  expect(await listAbsences(database, house.people.writer)).toEqual([]);
});

test('nobody who does not run the class notes or reads it, and an absence of somebody else is not touched', async () => {
  for (const who of ['writer', 'classmate', 'reader', 'stranger', 'visitor'] as const)
    expect(await note({}, who)).toMatchObject({ ok: false });
  await succeeded(note());
  const other = await addPerson('Nell', house.classId, 'student');
  const [absence] = await listAbsences(database, house.people.writer);
  const asked = { classId: house.classId, personId: other, absenceId: absence!.id };
  await succeeded(as(house, 'teacher', dropAbsence, asked));
  expect(await listAbsences(database, house.people.writer)).toHaveLength(1);
  // Who has left is noted nowhere here any more.
  await database.change('UPDATE memberships SET left_at = :at WHERE person_id = :id', {
    ...{ at: NOW, id: house.people.writer },
  });
  expect(await note({ from: '2026-11-18' })).toMatchObject({ code: 'notThere' });
});

test('it goes along with the student’s data, and goes by itself after a time', async () => {
  await succeeded(note());
  const { writer } = house.people;
  const files = await filesIn(await maybeArchive(writer, { personId: writer, now: NOW }));
  const person = JSON.parse(files['person.json'] ?? '{}') as { readonly absences?: unknown };
  expect(person.absences).toEqual([WEEK]);
  await updateRetention(database, 'absences', 12);
  await applyRetention(null, '', new Date('2027-11-20T12:00:00Z'));
  expect(await listAbsences(database, house.people.writer)).toHaveLength(1);
  await applyRetention(null, '', new Date('2027-11-22T12:00:00Z'));
  expect(await listAbsences(database, house.people.writer)).toEqual([]);
});
