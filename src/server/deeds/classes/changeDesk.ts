import { changeDesk as deed } from '../../../contract/classes/changeDesk';
import { done } from '../../ground/access/useCase';
import { updateDesk } from '../../tables/classSettings';
import { classUseCase } from '../subjects/classUseCase';

export const changeDesk = classUseCase(deed, {
  async run({ classId, ...desk }, _, { database }) {
    await updateDesk(database, classId, desk);
    return done({});
  },
});
