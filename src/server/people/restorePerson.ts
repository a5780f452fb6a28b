import { idSchema } from '../input/idSchema';
import { NOT_THERE } from '../access/useCase';
import { classUseCase } from '../classes/classUseCase';
import { endDeletion } from './deletion';
import { takeInstallTurn } from '../database/turns';
import { turnsOfPerson } from './turnsOfPerson';
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
  turn: turnsOfPerson,
  fields: { personId: idSchema },
  async run({ classId, personId }, _, { database, personId: by, now }) {
    await takeInstallTurn(database, 'people');
    // Only who speaks for a student brings them back.
    if ((await findStudentStanding(database, personId))?.homeClassId !== classId) return NOT_THERE;
    return endDeletion(database, personId, { by, now });
  },
});
