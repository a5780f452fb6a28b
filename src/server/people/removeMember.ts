import { idSchema } from '../input/idSchema';
import { done, NOT_THERE, refused } from '../access/useCase';
import { classUseCase } from '../classes/classUseCase';
import { findMembership, leaveClassAs } from './rosterQueries';

interface Input {
  readonly classId: string;
  readonly personId: string;
}

/** Lets a co-teacher or reader leave a class. A class keeps the teacher who runs it. */
export const removeMember = classUseCase<Input, null>({
  name: 'removeMember',
  action: 'roster.change',
  whileResting: true,
  fields: { personId: idSchema },
  async run({ classId, personId }, _, { database, now }) {
    const membership = await findMembership(database, classId, personId);
    if (!membership || membership.leftAt) return NOT_THERE;
    if (membership.role === 'teacher') return refused('class.keepsTeacher', 'personId');
    if (membership.role !== 'coTeacher' && membership.role !== 'reader') return NOT_THERE;
    await leaveClassAs(database, { classId, personId, role: membership.role, at: now });
    return done(null);
  },
});
