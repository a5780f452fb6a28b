import { removeMember as deed } from '../../../contract/people/removeMember';
import { isStudent } from '../../../core/access/may';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { findMembership, leaveClassAs } from '../../tables/memberships';
import { classUseCase } from '../subjects/classUseCase';

export const removeMember = classUseCase(deed, {
  async run({ classId, personId }, _, { database, now }) {
    const membership = await findMembership(database, classId, personId);
    if (!membership || membership.leftAt) return NOT_THERE;
    if (membership.role === 'teacher') return refused('class.keepsTeacher', 'personId');
    if (isStudent(membership.role)) return NOT_THERE;
    await leaveClassAs(database, { classId, personId, role: membership.role, at: now });
    return done(null);
  },
});
