import { describe, expect, test } from 'vitest';
import {
  NOW,
  as,
  buildHouse,
  deskFor,
  emptyDatabase,
  FIELDS,
  handInPost,
  setWork,
  succeeded,
  whoSees,
  writePost,
  freshHouse,
} from '../../../../tests/server/house';
import { NO_INSTRUCTIONS } from '../../../core/assignments/lessonText';
import { database } from '../../ground/database/database';
import { findAssignment } from '../../tables/assignments';
import { maybeAssignmentList, maybeAssignmentToRead } from '../../views/assignments/viewAssignment';
import { maybeBuilder } from '../../views/assignments/viewBuilder';
import { changeAssignment } from './changeAssignment';
import { makeAssignment } from './makeAssignment';
import { setAssignment } from './setAssignment';

const house = freshHouse();

const make = async () =>
  (await succeeded(as(house, 'teacher', makeAssignment, { classId: house.classId }))).assignmentId;
const change = (assignmentId: string, part: object, version = 1) =>
  as(house, 'teacher', changeAssignment, { assignmentId, version, fields: { ...FIELDS, ...part } });

describe('making', () => {
  test('counts on from the highest number and begins closed: our class, after acceptance', async () => {
    const first = await make();
    await succeeded(change(first, { number: 7 }));
    expect(await findAssignment(database, await make(), NOW)).toMatchObject({
      number: 8,
      audience: 'ourClass',
      release: 'accepted',
      setAt: null,
    });
  });
});

describe('changing', () => {
  test('keeps everything that was filled in, the due time in the class’s time zone', async () => {
    const assignmentId = await make();
    await succeeded(change(assignmentId, { due: '2026-07-01T16:00' }));
    const row = await findAssignment(database, assignmentId, NOW);
    expect(row?.dueAt?.toISOString()).toBe('2026-07-01T15:00:00.000Z');
    expect(row).toMatchObject({
      title: 'Three skies',
      requirements: FIELDS.requirements,
      rubric: FIELDS.rubric,
      lateRule: FIELDS.lateRule,
      version: 2,
    });
    expect((await maybeBuilder(assignmentId, await deskFor(house, 'teacher')))?.draft.due).toBe(
      '2026-07-01T16:00',
    );
  });

  test('never overwrites what a co-teacher changed meanwhile', async () => {
    const assignmentId = await make();
    await succeeded(
      as(house, 'coTeacher', changeAssignment, {
        assignmentId,
        version: 1,
        fields: { ...FIELDS, title: 'Hers' },
      }),
    );
    expect(await change(assignmentId, { title: 'Mine' })).toMatchObject({
      code: 'assignment.changedMeanwhile',
    });
    expect(await findAssignment(database, assignmentId, NOW)).toMatchObject({ title: 'Hers' });
  });

  test.each([
    [
      { requirements: [{ id: 'w', kind: 'words', weight: 'required', min: 5, max: 4 }] },
      'assignment.limitsCross',
      'requirements.0',
    ],
    [
      { requirements: [{ id: 'w', kind: 'words', weight: 'required', min: -1 }] },
      'input.minimum',
      'fields.requirements.0.min',
    ],
    [
      { requirements: [{ id: 'w', kind: 'words', weight: 'required', colour: 'red' }] },
      'input.additionalProperties',
      'fields.requirements.0.colour',
    ],
    [
      { requirements: [{ id: 'w', kind: 'poem', weight: 'required' }] },
      'input.discriminator',
      'fields.requirements.0.kind',
    ],
    [
      { rubric: [{ id: 'c', name: 'One level', weight: 1, levels: [{ points: 1, description: '' }] }] },
      'input.minItems',
      'fields.rubric.0.levels',
    ],
    [{ rubric: [{ id: 'c', name: '', weight: 1, levels: [] }] }, 'input.minLength', 'fields.rubric.0.name'],
    [{ lateRule: { kind: 'daily' } }, 'input.enum', 'fields.lateRule.kind'],
    [{ due: 'Thursday' }, 'input.pattern', 'fields.due'],
    [{ audience: 'world' }, 'input.enum', 'fields.audience'],
    [{ number: 1000 }, 'input.maximum', 'fields.number'],
    [{ title: 'x'.repeat(201) }, 'input.maxLength', 'fields.title'],
  ])('refuses %j at its field', async (part, code, field) => {
    expect(await change(await make(), part)).toMatchObject({ ok: false, code, field });
  });

  test('no assignment goes beyond the class’s ceiling', async () => {
    await emptyDatabase();
    Object.assign(house, await buildHouse('ourClass'));
    expect(await change(await make(), { audience: 'everyone' })).toMatchObject({
      code: 'assignment.tooWide',
      field: 'audience',
    });
    expect(await change(await make(), { audience: 'ourClass' })).toMatchObject({ ok: true });
  });
});

describe('setting', () => {
  test.each([
    [{ title: ' ' }, 'assignment.noTitle', 'title'],
    [{ instructions: NO_INSTRUCTIONS }, 'assignment.noInstructions', 'instructions'],
    [{ due: null }, 'assignment.noDue', 'due'],
  ])('waits for what is missing: %j', async (part, code, field) => {
    const assignmentId = await make();
    await succeeded(change(assignmentId, part));
    expect(await as(house, 'teacher', setAssignment, { assignmentId })).toMatchObject({ code, field });
  });

  test('is done once: setting again does not move the time', async () => {
    const assignmentId = await setWork(house);
    const at = (await findAssignment(database, assignmentId, NOW))?.setAt;
    await as(house, 'teacher', setAssignment, { assignmentId }, new Date('2027-01-01T00:00:00Z'));
    expect((await findAssignment(database, assignmentId, NOW))?.setAt).toEqual(at);
  });
});

describe('views', () => {
  test('the builder and the list are the teachers’', async () => {
    const assignmentId = await setWork(house);
    expect(await whoSees(house, (desk) => maybeBuilder(assignmentId, desk))).toEqual([
      'supplyTeacher',
      'coTeacher',
      'teacher',
    ]);
    expect(await whoSees(house, maybeAssignmentList)).toEqual(['supplyTeacher', 'coTeacher', 'teacher']);
  });

  test('students read an assignment once it is set', async () => {
    const unset = await setWork(house, { set: false });
    expect(await whoSees(house, (desk) => maybeAssignmentToRead(unset, desk))).toEqual([
      'supplyTeacher',
      'coTeacher',
      'teacher',
    ]);
    const set = await setWork(house);
    expect(await whoSees(house, (desk) => maybeAssignmentToRead(set, desk))).toEqual([
      'classmate',
      'writer',
      'editor',
      'supplyTeacher',
      'coTeacher',
      'teacher',
    ]);
  });

  test('the list counts what was handed in and what waits', async () => {
    const assignmentId = await setWork(house);
    await handInPost(house, await writePost(house, assignmentId));
    expect(await maybeAssignmentList(await deskFor(house, 'teacher'))).toMatchObject([
      { handedIn: 1, waiting: 1, bays: 2, points: 10, due: 'Thursday 19 November, 4\u00A0pm' },
    ]);
  });
});
