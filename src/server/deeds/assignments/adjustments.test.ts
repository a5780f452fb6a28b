import { beforeEach, expect, test } from 'vitest';
import {
  addPerson,
  as,
  deskFor,
  desksFor,
  FIELDS,
  handInPost,
  setWork,
  succeeded,
  writePost,
  freshHouse,
} from '../../../../tests/server/house';
import { database } from '../../ground/database/database';
import { maybeCompose } from '../../views/writing/viewCompose';
import { listHandIns } from '../../tables/handIns';
import { maybeReview } from '../../views/review/viewReview';
import { maybePile } from '../../views/review/listPile';
import { listWork } from '../../views/today/listWork';
import { maybeAssignmentToRead } from '../../views/assignments/viewAssignment';
import { maybeBuilder } from '../../views/assignments/viewBuilder';
import { adjustAssignment, dropAdjustment } from './adjustAssignment';

const house = freshHouse();
let assignmentId: string;
beforeEach(async () => {
  assignmentId = await setWork(house);
});

const adjust = (more: object, personIds = [house.people.writer]) =>
  as(house, 'teacher', adjustAssignment, {
    assignmentId,
    personIds,
    due: null,
    leftOut: [],
    limits: {},
    ...more,
  });

test('one student has a later due time, other limits and a requirement less; the others have not', async () => {
  await succeeded(adjust({ due: '2026-11-26T16:00', leftOut: ['bonus'], limits: { words: { min: 2 } } }));
  const postId = await writePost(house, assignmentId, '<p>grey sky</p>');
  const compose = await maybeCompose(postId, await deskFor(house, 'writer'));
  expect(compose?.assignment.requirements).toEqual([{ ...FIELDS.requirements[0], min: 2 }]);
  expect(compose?.due.when).toContain('26 November');
  await handInPost(house, postId);
  expect((await listHandIns(database, postId))[0]?.evidence.points).toMatchObject({ earned: 4, possible: 4 });
  expect((await listWork(await deskFor(house, 'writer')))[0]).toMatchObject({ dueDate: '2026-11-26' });
  expect((await listWork(await deskFor(house, 'classmate')))[0]).toMatchObject({ dueDate: '2026-11-19' });
  const read = await maybeAssignmentToRead(assignmentId, await deskFor(house, 'classmate'));
  expect(read?.requirements).toHaveLength(2);
  expect(JSON.stringify(read)).not.toContain('26 November');
});

test('lateness is counted from the student’s own due time', async () => {
  const late = new Date('2026-11-21T12:00:00Z');
  const postId = await writePost(house, assignmentId);
  await handInPost(house, postId, late);
  const days = async () => (await maybeReview(postId, await desksFor(house, 'teacher')))?.daysLate;
  expect(await days()).toBe(2);
  await succeeded(adjust({ due: '2026-11-26T16:00' }));
  expect(await days()).toBe(0);
  await succeeded(as(house, 'teacher', dropAdjustment, { assignmentId, personId: house.people.writer }));
  expect(await days()).toBe(2);
});

test('the slip of a post with fewer requirements shows them as they are weighed', async () => {
  await succeeded(adjust({ leftOut: ['words'] }));
  await handInPost(house, await writePost(house, assignmentId));
  const pile = await maybePile(await desksFor(house, 'teacher'));
  expect(pile?.[0]?.slats).toEqual(['bonusOffered']);
});

test('nonsense is refused at its field, and the builder lists what is kept', async () => {
  const newcomer = await addPerson('Nell', house.classId, 'student');
  expect(await adjust({ due: '2026-11-18T16:00' })).toMatchObject({
    code: 'assignment.dueBefore',
    field: 'due',
  });
  expect(await adjust({ due: 'tomorrow' })).toMatchObject({ ok: false });
  expect(await adjust({ limits: { words: { max: 2 } } })).toMatchObject({
    code: 'assignment.limitsCross',
    field: 'limits.words',
  });
  expect(await adjust({}, [house.people.teacher])).toMatchObject({ code: 'assignment.notAStudent' });
  expect(await adjust({}, [house.people.stranger])).toMatchObject({ code: 'assignment.notAStudent' });
  await succeeded(adjust({ leftOut: ['words'] }, [house.people.writer, newcomer]));
  const builder = await maybeBuilder(assignmentId, await deskFor(house, 'teacher'));
  expect(builder?.adjustments.map((one) => one.name).sort()).toEqual(['Nell E.', 'Wren E.']);
});
