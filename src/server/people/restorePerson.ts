import { restorePerson as deed } from '../../contract/people/restorePerson';
import { NOT_THERE } from '../access/useCase';
import { classUseCase } from '../classes/classUseCase';
import { takeInstallTurn } from '../database/turns';
import { endDeletion } from './deletion';
import { turnsOfPerson } from './turnsOfPerson';
import { findStudentStanding } from './standing';

export const restorePerson = classUseCase(deed, {
  turn: turnsOfPerson,
  async run({ classId, personId }, _, { database, personId: by, now }) {
    await takeInstallTurn(database, 'people');
    // Only who speaks for a student brings them back.
    if ((await findStudentStanding(database, personId))?.homeClassId !== classId) return NOT_THERE;
    return endDeletion(database, personId, { by, now });
  },
});
