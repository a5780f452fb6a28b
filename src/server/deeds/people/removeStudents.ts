import { removeStudents as deed } from '../../../contract/people/removeStudents';
import { done, NOT_THERE } from '../../ground/access/useCase';
import { leaveClass } from '../../tables/memberships';
import { classUseCase } from '../subjects/classUseCase';

export const removeStudents = classUseCase(deed, {
  async run({ classId, personIds: wanted }, _, { database, now }) {
    for (const personId of wanted)
      if ((await leaveClass(database, { classId, personId, at: now })) === 0) return NOT_THERE;
    return done(null);
  },
});
