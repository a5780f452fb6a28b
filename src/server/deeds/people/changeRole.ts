import { changeRole as deed } from '../../../contract/people/changeRole';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { findMembership, updateRole } from '../../tables/memberships';
import { findStudentStanding } from '../../tables/standing';
import { classUseCase } from '../subjects/classUseCase';

export const changeRole = classUseCase(deed, {
  async run({ classId, personId, role }, _, { database }) {
    const membership = await findMembership(database, classId, personId);
    if (!membership || membership.leftAt) return NOT_THERE;
    if (membership.role !== 'student' && membership.role !== 'studentEditor') return NOT_THERE;
    // A grown-up has another part in a class by an invitation that they accept, never by being put into it.
    if ((await findStudentStanding(database, personId))?.grownUp)
      return refused('roster.ownAccount', 'personId');
    await updateRole(database, { classId, personId, role });
    return done(null, { before: membership.role, after: role });
  },
});
