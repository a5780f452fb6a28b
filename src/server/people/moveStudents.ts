import { may } from '../../core/access/may';
import { findRole } from '../access/roles';
import { done, NOT_THERE } from '../access/useCase';
import { classUseCase, personIds } from '../classes/classUseCase';
import { joinClass, leaveClass } from './rosterQueries';

interface Input {
  readonly classId: string;
  readonly toClassId: string;
  readonly personIds: readonly string[];
}

/** Moves students to another class of the same teacher. What they wrote stays theirs, in the class where it was written. */
export const moveStudents = classUseCase<Input, null>({
  name: 'moveStudents',
  action: 'roster.change',
  fields: { personIds, toClassId: { type: 'string', minLength: 1, maxLength: 16 } },
  async run({ classId, toClassId, personIds: wanted }, _, { database, now, personId: teacher }) {
    const role = await findRole(database, toClassId, teacher);
    if (toClassId === classId || !may({ personId: teacher, role }, 'roster.change', {})) return NOT_THERE;
    for (const personId of wanted) {
      if ((await leaveClass(database, { classId, personId, at: now })) === 0) return NOT_THERE;
      await joinClass(database, { classId: toClassId, personId, groupName: null, at: now });
    }
    return done(null);
  },
});
