import { handOverClass as deed } from '../../../contract/people/handOverClass';
import { done, NOT_THERE } from '../../ground/access/useCase';
import { findMembership, updateRole } from '../../tables/memberships';
import { classUseCase } from '../subjects/classUseCase';

export const handOverClass = classUseCase(deed, {
  // Nobody leaves or is taken out in the same moment.
  turn: true,
  async run({ classId, personId }, _, { database, personId: by }) {
    const membership = await findMembership(database, classId, personId);
    if (!membership || membership.leftAt || membership.role !== 'coTeacher') return NOT_THERE;
    await updateRole(database, { classId, personId: by, role: 'coTeacher' });
    await updateRole(database, { classId, personId, role: 'teacher' });
    return done(null);
  },
});
