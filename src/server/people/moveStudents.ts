import { idSchema } from '../input/idSchema';
import { done, NOT_THERE, refused } from '../access/useCase';
import { classUseCase, personIds } from '../classes/classUseCase';
import { takeInstallTurn } from '../database/turns';
import { updateHomeClass } from './joinQueries';
import { leaveClass } from './rosterQueries';
import { findStudentStanding, listClassesRunBy } from './standing';
import { takeIn } from './takeIn';

interface Input {
  readonly classId: string;
  readonly toClassId: string;
  readonly personIds: readonly string[];
}

/**
 * Moves students to another class of the same teacher. What they wrote stays theirs, in the class where it was written. Whose
 * home the class was has it in the new one from now on; students of others are moved by their own teachers.
 */
export const moveStudents = classUseCase<Input, null>({
  name: 'moveStudents',
  action: 'roster.change',
  fields: { personIds, toClassId: idSchema },
  turn: ({ classId, toClassId }) => Promise.resolve([classId, toClassId]),
  async run({ classId, toClassId, personIds: wanted }, _, { database, now, personId: teacher }) {
    const runs = await listClassesRunBy(database, teacher);
    if (toClassId === classId || !runs.has(toClassId)) return NOT_THERE;
    await takeInstallTurn(database, 'people');
    for (const personId of wanted) {
      if ((await leaveClass(database, { classId, personId, at: now })) === 0) return NOT_THERE;
      const joining = { classId: toClassId, personId, groupName: null, by: teacher, runs, at: now };
      const taking = await takeIn(database, joining);
      if (taking?.kind !== 'joins') return refused('roster.otherHome', 'personIds');
      const student = await findStudentStanding(database, personId);
      if (student?.homeClassId === classId) await updateHomeClass(database, { personId, classId: toClassId });
    }
    return done(null);
  },
});
