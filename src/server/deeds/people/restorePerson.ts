import { restorePerson as deed } from '../../../contract/people/restorePerson';
import { NOT_THERE } from '../../ground/access/useCase';
import { takeInstallTurn } from '../../ground/database/turns';
import { findStudentStanding } from '../../tables/standing';
import { classUseCase } from '../subjects/classUseCase';
import { turnsOfPerson } from '../subjects/turnsOfPerson';
import { endDeletion } from './deletion';

export const restorePerson = classUseCase(deed, {
  turn: turnsOfPerson,
  async run({ classId, personId }, _, { database, personId: by, now }) {
    await takeInstallTurn(database, 'people');
    // Only who speaks for a student brings them back.
    if ((await findStudentStanding(database, personId))?.homeClassId !== classId) return NOT_THERE;
    return endDeletion(database, personId, { by, now });
  },
});
