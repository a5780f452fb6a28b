import { done, NOT_THERE, refused } from '../access/useCase';
import { classUseCase, personIds } from '../classes/classUseCase';
import { lockDeleted } from './deletion';
import { findMembership, joinClass } from './rosterQueries';

interface Input {
  readonly classId: string;
  readonly personIds: readonly string[];
}

/** Takes students who left a class into it again, with all that they wrote there. */
export const takeInAgain = classUseCase<Input, null>({
  name: 'takeInAgain',
  action: 'roster.change',
  fields: { personIds },
  async run({ classId, personIds: wanted }, _, { database, now }) {
    for (const personId of wanted) {
      const membership = await findMembership(database, classId, personId);
      if (!membership?.leftAt) return NOT_THERE;
      if (await lockDeleted(database, personId)) return refused('roster.isDeleted', 'personIds');
      await joinClass(database, { classId, personId, groupName: null, at: now });
    }
    return done(null);
  },
});
