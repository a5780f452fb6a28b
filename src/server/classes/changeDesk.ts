import { changeDesk as deed } from '../../contract/classes/changeDesk';
import { done } from '../access/useCase';
import { classUseCase } from './classUseCase';
import { updateDesk } from './queries';

export const changeDesk = classUseCase(deed, {
  async run({ classId, ...desk }, _, { database }) {
    await updateDesk(database, classId, desk);
    return done({});
  },
});
