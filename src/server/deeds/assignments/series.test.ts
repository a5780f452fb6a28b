import { beforeEach, describe, expect, test } from 'vitest';
import {
  addClass,
  addMember,
  as,
  deskFor,
  FIELDS,
  NOW,
  setWork,
  succeeded,
  freshHouse,
} from '../../../../tests/server/house';
import { instructionsFrom } from '../../../core/assignments/lessonText';
import { findClass } from '../../tables/classes';
import { database } from '../../ground/database/database';
import { listWork } from '../../views/today/listWork';
import { listRepetitions } from '../../tables/assignmentSeries';
import { findPeerRule } from '../../tables/peerRounds';
import { findAssignment } from '../../tables/assignments';
import { maybeAssignmentList } from '../../views/assignments/viewAssignment';
import { maybeBuilder } from '../../views/assignments/viewBuilder';
import { changeYear } from '../classes/changeYear';
import { keepPeerRule } from '../peerReading/keepPeerRule';
import { runOneJob } from '../chores/runJobs';
import { assignmentToCheck } from '../evidence/context';
import { changeAssignment } from './changeAssignment';
import { giveAssignment, partAssignment } from './giveAssignment';
import { endSeries, repeatAssignment } from './repeatAssignment';
import { setAssignment } from './setAssignment';

const SERIES = {
  first: '2026-11-16',
  last: '2026-12-07',
  weekdays: [1],
  every: 1,
  except: ['2026-11-30'],
  time: '16:00',
  opensBefore: 4,
  weeks: 'counted',
} as const;
const LESSON = {
  title: 'Week {week}: {date}',
  instructions: instructionsFrom('Notes of {date}.'),
  due: null,
};

const house = freshHouse();
let assignmentId: string;
beforeEach(async () => {
  await succeeded(
    as(house, 'teacher', changeYear, {
      classId: house.classId,
      timeZone: 'Europe/Dublin',
      language: 'en-GB',
      terms: [],
      holidays: [{ name: 'Quay day', from: '2026-12-07', to: '2026-12-07' }],
      schoolDays: [1, 2, 3, 4, 5],
    }),
  );
  assignmentId = await setWork(house, { set: false, ...LESSON });
});

async function runAll(now: Date): Promise<void> {
  while (await runOneJob(now));
}

const repeat = (more: object = {}) =>
  as(house, 'teacher', repeatAssignment, { assignmentId, series: { ...SERIES, ...more } });
const titles = async (now = NOW) =>
  (await listRepetitions(database, assignmentId, now)).map((one) => one.title);
const change = async (id: string, more: object, now = NOW) =>
  as(
    house,
    'teacher',
    changeAssignment,
    {
      assignmentId: id,
      version: (await findAssignment(database, id, now))?.version,
      fields: { ...FIELDS, ...LESSON, ...more },
    },
    now,
  );

test('makes one for each day of school, filled in and numbered, each set when its day comes', async () => {
  expect(await succeeded(repeat({ last: '2026-12-14' }))).toEqual({ repetitions: 3 });
  expect(await titles()).toEqual(['Week 1: 16 November', 'Week 2: 23 November', 'Week 3: 14 December']);
  const [first, second] = await listRepetitions(database, assignmentId, NOW);
  expect(await listWork(await deskFor(house, 'writer'))).toMatchObject([{ title: first?.title }]);
  expect(second).toMatchObject({
    number: 4,
    instructions: instructionsFrom('Notes of 23 November.'),
    dueAt: new Date('2026-11-23T16:00:00Z'),
    opensAt: new Date('2026-11-19T00:00:00Z'),
    setAt: null,
  });
  const work = async (now: Date) =>
    (await listWork({ ...(await deskFor(house, 'writer')), now })).map((one) => one.title);
  const itsDay = new Date('2026-11-19T00:00:00Z');
  for (const settled of [() => Promise.resolve(), () => runAll(NOW), () => runAll(itsDay)]) {
    // What students see goes by the time at which they look, whether or not the job has run.
    await settled();
    expect(await work(itsDay)).toEqual([second!.title, first!.title]);
  }
  expect((await listRepetitions(database, assignmentId, NOW))[1]?.setAt).toEqual(itsDay);
  const inClass = (await findClass(database, house.classId))!;
  expect(await assignmentToCheck(database, second!, inClass)).toMatchObject({ week: 2, date: '2026-11-23' });
});

test('its writers read each other as the series has it on the day when one is set, and as it says itself', async () => {
  await succeeded(repeat({ last: '2026-12-14' }));
  const [, second, third] = await listRepetitions(database, assignmentId, NOW);
  const rule = { size: 2, named: true, at: null };
  const keep = (id: string, questions: readonly string[]) =>
    as(house, 'teacher', keepPeerRule, { ...rule, assignmentId: id, questions });
  await succeeded(keep(assignmentId, ['Of the series?']));
  await succeeded(keep(third!.id, ['Of its own?']));
  await runAll(new Date('2026-12-14T00:00:00Z'));
  expect((await findPeerRule(database, second!.id))?.questions).toEqual(['Of the series?']);
  expect((await findPeerRule(database, third!.id))?.questions).toEqual(['Of its own?']);
});

test('a changed rule moves, adds and deletes what students do not see yet, and leaves what they see', async () => {
  await succeeded(repeat());
  await runAll(NOW);
  await succeeded(repeat({ first: '2026-11-23', last: '2026-12-14', except: [], time: '09:00' }));
  expect(await titles()).toEqual([
    'Week 1: 16 November',
    'Week 2: 23 November',
    'Week 2: 30 November',
    'Week 3: 14 December',
  ]);
  const [seen, moved] = await listRepetitions(database, assignmentId, NOW);
  expect(seen).toMatchObject({
    setAt: new Date('2026-11-12T00:00:00Z'),
    dueAt: new Date('2026-11-16T16:00:00Z'),
  });
  expect(moved).toMatchObject({ dueAt: new Date('2026-11-23T09:00:00Z'), week: 1 });
});

test('a change of the series goes to those that students do not see and that were not changed by hand', async () => {
  await succeeded(repeat({ last: '2026-11-23', except: [] }));
  await runAll(NOW);
  await succeeded(change(assignmentId, { title: 'Topic of {date}' }));
  expect(await titles()).toEqual(['Week 1: 16 November', 'Topic of 23 November']);
  const second = (await listRepetitions(database, assignmentId, NOW))[1]!;
  await succeeded(change(second.id, { title: 'Fog', due: '2026-11-23T16:00' }));
  await succeeded(change(assignmentId, { title: 'Again {week}' }));
  expect(await titles()).toEqual(['Week 1: 16 November', 'Fog']);
  const builder = await maybeBuilder(assignmentId, await deskFor(house, 'teacher'));
  expect(builder?.series?.repetitions).toMatchObject([
    { title: 'Week 1: 16 November', isSet: true },
    { title: 'Fog', isSet: false, byHand: true },
  ]);
  expect(await maybeBuilder(second.id, await deskFor(house, 'teacher'))).toMatchObject({
    seriesOf: { assignmentId, title: 'Again {week}' },
  });
  const list = await maybeAssignmentList(await deskFor(house, 'teacher'));
  expect(list?.map((one) => one.title)).toEqual(['Again {week}', 'Week 1: 16 November']);
  expect(list?.[0]).toMatchObject({
    repetitions: 2,
    isSet: false,
    opens: expect.stringContaining('19 November') as string,
  });
});

test('ended, what students see stays and the rest goes', async () => {
  await succeeded(repeat());
  await runAll(NOW);
  expect(await succeeded(as(house, 'teacher', endSeries, { assignmentId }))).toEqual({ stay: 1 });
  expect(await titles()).toEqual(['Week 1: 16 November']);
  expect((await findAssignment(database, assignmentId, NOW))?.series).toBeNull();
  expect(await as(house, 'teacher', endSeries, { assignmentId })).toMatchObject({
    code: 'assignment.noSeries',
  });
  await runAll(new Date('2026-12-20T00:00:00Z'));
  expect(await titles()).toHaveLength(1);
});

test('a series itself is not set and does not grow', async () => {
  await succeeded(repeat());
  expect(await as(house, 'teacher', setAssignment, { assignmentId })).toMatchObject({
    code: 'assignment.isSeries',
  });
  expect(await change(assignmentId, { growing: { startBy: null, milestones: [] } })).toMatchObject({
    code: 'assignment.growsInSeries',
  });
});

test.each([
  [{ last: '2026-11-01' }, 'assignment.series.order', 'series.last'],
  [{ last: '9999-12-31' }, 'assignment.series.long', 'series.last'],
  [{ weekdays: [7] }, 'assignment.series.empty', 'series.first'],
  [{ weekdays: [] }, 'input.minItems', 'series.weekdays'],
  [{ time: '25:00' }, 'input.pattern', 'series.time'],
])('a rule that cannot stand is refused at its field: %j', async (more, code, field) => {
  expect(await repeat(more)).toMatchObject({ ok: false, code, field });
  expect(await titles()).toEqual([]);
});

test('what is set, or lacks something, is not repeated', async () => {
  await succeeded(change(assignmentId, { title: '' }));
  expect(await repeat()).toMatchObject({ code: 'assignment.noTitle', field: 'title' });
  assignmentId = await setWork(house);
  expect(await repeat()).toMatchObject({ code: 'assignment.notRepeated' });
});

describe('given to another class', () => {
  /** Before any of its days is seen. */
  const EARLY = new Date('2026-11-02T12:00:00Z');
  let classId: string;
  let now: Date;
  const give = (id: string, due: string | null = null) =>
    as(house, 'teacher', giveAssignment, { assignmentId: id, classId, due }, now);
  const days = async (id: string) => (await listRepetitions(database, id, now)).map((one) => one.lessonDate);
  const part = (id: string) => as(house, 'teacher', partAssignment, { assignmentId: id }, now);
  const repeat = (more: object = {}, of = assignmentId) =>
    as(house, 'teacher', repeatAssignment, { assignmentId: of, series: { ...SERIES, ...more } }, now);

  beforeEach(async () => {
    now = EARLY;
    classId = await addClass('fern', 'FERN1', 'ourClass');
    await addMember(house.people.teacher, classId, 'teacher');
    await succeeded(
      as(house, 'teacher', changeYear, {
        classId,
        timeZone: 'Europe/Paris',
        language: 'fr',
        terms: [],
        holidays: [{ name: 'Fern day', from: '2026-11-23', to: '2026-11-23' }],
        schoolDays: [1, 2, 3, 4, 5],
      }),
    );
  });

  test('a series has the days of that class’s school there, in its language, hours and limits', async () => {
    await succeeded(repeat());
    const { assignmentId: there } = await succeeded(give(assignmentId));
    expect(await days(there)).toEqual(['2026-11-16', '2026-12-07']);
    expect((await listRepetitions(database, there, now))[0]).toMatchObject({
      classId,
      title: 'Week 1: 16 novembre',
      dueAt: new Date('2026-11-16T15:00:00Z'),
      audience: 'ourClass',
    });
    // Given once more, it is there already.
    expect(await succeeded(give(assignmentId))).toEqual({ assignmentId: there });
    expect(await days(there)).toHaveLength(2);
    const builder = await maybeBuilder(assignmentId, { ...(await deskFor(house, 'teacher')), now });
    expect(builder?.given).toMatchObject([{ assignmentId: there, repetitions: { all: 2, seen: 0 } }]);
  });

  test('what is changed of it goes to what students do not see in both, its days do not', async () => {
    await succeeded(repeat());
    const { assignmentId: there } = await succeeded(give(assignmentId));
    await succeeded(change(assignmentId, { title: 'Log {week}' }, now));
    expect((await listRepetitions(database, there, now)).map((one) => one.title)).toEqual(['Log 1', 'Log 2']);
    expect(await titles(now)).toEqual(['Log 1', 'Log 2']);
    await succeeded(repeat({ weekdays: [2] }, there));
    expect(await days(there)).toEqual(['2026-11-17', '2026-11-24', '2026-12-01']);
    expect(await days(assignmentId)).toEqual(['2026-11-16', '2026-11-23']);
  });

  test('taken away, it goes with all that students do not see there, and stays by itself where they see some', async () => {
    await succeeded(repeat());
    const first = (await succeeded(give(assignmentId))).assignmentId;
    expect(await succeeded(part(first))).toEqual({ deleted: true });
    expect(await findAssignment(database, first, NOW)).toBeNull();
    expect((await findAssignment(database, assignmentId, NOW))?.sharedId).toBeNull();
    const again = (await succeeded(give(assignmentId))).assignmentId;
    now = NOW;
    expect(await succeeded(part(again))).toEqual({ deleted: false });
    expect(await days(again)).toEqual(['2026-11-16']);
    await succeeded(change(assignmentId, { title: 'Mine' }));
    expect((await findAssignment(database, again, NOW))?.title).not.toBe('Mine');
  });

  test('ended in one class, it goes on in the other', async () => {
    await succeeded(repeat());
    const { assignmentId: there } = await succeeded(give(assignmentId));
    await succeeded(as(house, 'teacher', endSeries, { assignmentId }, now));
    expect(await days(there)).toHaveLength(2);
    expect((await findAssignment(database, there, NOW))?.sharedId).toBeNull();
    expect(await days(assignmentId)).toEqual([]);
  });

  test('one of its days is not given, nor a series to a class without school on any of them', async () => {
    await succeeded(repeat());
    const [day] = await listRepetitions(database, assignmentId, NOW);
    expect(await give(day!.id, '2026-11-24T16:00')).toMatchObject({ code: 'assignment.repetitionNotGiven' });
    await succeeded(repeat({ last: '2026-11-23', first: '2026-11-23' }));
    expect(await give(assignmentId)).toMatchObject({ code: 'assignment.series.empty', field: 'classId' });
    const other = await setWork(house, { set: false });
    expect(await give(other)).toMatchObject({ code: 'assignment.noDue', field: 'due' });
  });
});
