import { NOT_THERE } from '../access/useCase';
import { classUseCase } from '../classes/classUseCase';
import { endDeletion } from './deletion';
import { findStudentStanding } from './standing';

interface Input {
  readonly classId: string;
  readonly personId: string;
}

/** Brings a deleted student back, with the places and readers that they had, while that is still possible. */
export const restorePerson = classUseCase<Input, null>({
  name: 'restorePerson',
  action: 'roster.change',
  whileResting: true,
  fields: { personId: { type: 'string', minLength: 1, maxLength: 16 } },
  async run({ classId, personId }, _, { database, now }) {
    // Only who speaks for a student brings them back.
    if ((await findStudentStanding(database, personId))?.homeClassId !== classId) return NOT_THERE;
    return endDeletion(database, personId, now);
  },
});
