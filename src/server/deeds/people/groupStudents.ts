import { groupStudents as deed } from '../../../contract/people/groupStudents';
import { cleanName } from '../../../core/people/readName';
import { isStudent } from '../../../core/access/may';
import { done, NOT_THERE } from '../../ground/access/useCase';
import { findMembership, updateGroup } from '../../tables/memberships';
import { classUseCase } from '../subjects/classUseCase';

export const groupStudents = classUseCase(deed, {
  async run({ classId, personIds: wanted, group }, _, { database }) {
    for (const personId of wanted) {
      const membership = await findMembership(database, classId, personId);
      if (!membership || membership.leftAt || !isStudent(membership.role)) return NOT_THERE;
      await updateGroup(database, { classId, personId, groupName: cleanName(group) || null });
    }
    return done(null);
  },
});
