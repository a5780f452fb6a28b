import { cleanName } from '../../core/people/readName';
import { isStudent } from '../../core/access/may';
import { done, NOT_THERE } from '../access/useCase';
import { classUseCase, personIds } from '../classes/classUseCase';
import { findMembership, updateGroup } from './rosterQueries';

interface Input {
  readonly classId: string;
  readonly personIds: readonly string[];
  readonly group: string;
}

/** Puts students into a group of the class, or into none. */
export const groupStudents = classUseCase<Input, null>({
  name: 'groupStudents',
  action: 'roster.change',
  fields: { personIds, group: { type: 'string', maxLength: 60 } },
  async run({ classId, personIds: wanted, group }, _, { database }) {
    for (const personId of wanted) {
      const membership = await findMembership(database, classId, personId);
      if (!membership || membership.leftAt || !isStudent(membership.role)) return NOT_THERE;
      await updateGroup(database, { classId, personId, groupName: cleanName(group) || null });
    }
    return done(null);
  },
});
