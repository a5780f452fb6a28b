import { done, NOT_THERE } from '../access/useCase';
import { classUseCase, personIds } from '../classes/classUseCase';
import { leaveClass } from './rosterQueries';

interface Input {
  readonly classId: string;
  readonly personIds: readonly string[];
}

/** Lets students leave a class. Nothing that they wrote is touched, and they can be taken in again. */
export const removeStudents = classUseCase<Input, null>({
  name: 'removeStudents',
  action: 'roster.change',
  fields: { personIds },
  async run({ classId, personIds: wanted }, _, { database, now }) {
    for (const personId of wanted)
      if ((await leaveClass(database, { classId, personId, at: now })) === 0) return NOT_THERE;
    return done(null);
  },
});
