import { beforeEach, expect, test } from 'vitest';
import {
  addMember,
  as,
  deskFor,
  FIELDS,
  handInPost,
  setWork,
  succeeded,
  writePost,
  freshHouse,
} from '../../../../tests/server/house';
import type { Requirement } from '../../../core/requirements/requirement';
import { database } from '../../ground/database/database';
import { listHandIns } from '../../tables/handIns';
import { maybeBuilder } from '../../views/assignments/viewBuilder';
import { changeAssignment } from '../assignments/changeAssignment';
import { dropRequirementSet, keepRequirementSet } from '../assignments/keepRequirementSet';
import { previewEvidence, reviseEvidence } from './reviseEvidence';
import { readRequirements } from '../assignments/readRequirements';
import { tryRequirements } from './tryRequirements';

const house = freshHouse();
let assignmentId: string;
let postId: string;
beforeEach(async () => {
  assignmentId = await setWork(house);
  postId = await writePost(house, assignmentId, '<p>grey all day long</p>');
});

const words = (min: number): readonly Requirement[] => [
  { id: 'words', kind: 'words', weight: 'required', points: 4, partial: true, min },
];
const evidence = async () => (await listHandIns(database, postId)).at(-1)!.evidence;

test('requirements are tried on what was handed in, and on nobody’s draft', async () => {
  const input = { assignmentId, requirements: words(8), postId };
  expect(await as(house, 'teacher', tryRequirements, input)).toMatchObject({ code: 'notThere' });
  await handInPost(house, postId);
  const tried = await succeeded(as(house, 'teacher', tryRequirements, input));
  expect(tried).toMatchObject({ points: { earned: 2, possible: 4 }, ready: false });
  expect((await evidence()).points.possible).toBe(4);
  expect(
    await as(house, 'teacher', tryRequirements, { ...input, requirements: [{ kind: 'x' }] }),
  ).toMatchObject({
    ok: false,
  });
});

test('whose evidence would change is said before, and changed only when the teacher says so', async () => {
  await handInPost(house, postId);
  const preview = async (min: number) =>
    (await succeeded(as(house, 'teacher', previewEvidence, { assignmentId, requirements: words(min) })))
      .changes;
  expect(await preview(8)).toEqual([{ writer: 'Wren E.', before: 4, after: 2, possible: 4 }]);
  const before = await evidence();
  expect(before.points.earned).toBe(4);
  const fields = { ...FIELDS, requirements: words(8) };
  await succeeded(as(house, 'teacher', changeAssignment, { assignmentId, version: 2, fields }));
  expect((await evidence()).points.earned).toBe(4);
  expect(await succeeded(as(house, 'teacher', reviseEvidence, { assignmentId }))).toEqual({ revised: 1 });
  expect((await evidence()).points.earned).toBe(2);
  expect(await preview(8)).toEqual([]);
});

test('a set is kept, shared with the teachers of the install, and let go by its owner alone', async () => {
  const { classId } = house;
  const keep = (shared: boolean) =>
    succeeded(
      as(house, 'teacher', keepRequirementSet, {
        classId,
        title: 'Cloud diary',
        requirements: words(8),
        shared,
      }),
    );
  const seenBy = async (who: 'teacher' | 'coTeacher') =>
    (await maybeBuilder(assignmentId, await deskFor(house, who)))?.sets.map((set) => [set.title, set.from]);
  const { setId } = await keep(false);
  expect(await seenBy('teacher')).toEqual([['Cloud diary', null]]);
  expect(await seenBy('coTeacher')).toEqual([]);
  await keep(true);
  expect(await seenBy('coTeacher')).toEqual([['Cloud diary', 'Tess Example']]);
  const used = (who: 'teacher' | 'coTeacher') =>
    as(house, who, readRequirements, { assignmentId, from: 'set', id: setId });
  expect(await succeeded(used('teacher'))).toEqual({ requirements: words(8) });
  expect(await used('coTeacher')).toMatchObject({ code: 'notThere' });
  expect(await as(house, 'coTeacher', dropRequirementSet, { classId, setId })).toMatchObject({
    code: 'assignment.notYourSet',
  });
  await succeeded(as(house, 'teacher', dropRequirementSet, { classId, setId }));
  expect(await seenBy('teacher')).toHaveLength(1);
});

test('the builder offers what the teacher’s other assignments ask, and nobody else’s', async () => {
  const second = await setWork(house);
  const desk = await deskFor(house, 'teacher');
  expect((await maybeBuilder(second, desk))?.others).toMatchObject([{ id: assignmentId, group: '8B' }]);
  await addMember(house.people.teacher, (await deskFor(house, 'stranger')).inClass.id, 'reader');
  expect((await maybeBuilder(second, desk))?.others).toHaveLength(1);
  const asked = (who: 'teacher' | 'stranger', id = assignmentId, of = second) =>
    as(house, who, readRequirements, { assignmentId: of, from: 'assignment', id });
  expect((await succeeded(asked('teacher'))).requirements).not.toEqual([]);
  expect(await asked('stranger')).toMatchObject({ code: 'notThere' });
  expect(await asked('teacher', 'nosuchassignment')).toMatchObject({ code: 'notThere' });
});
