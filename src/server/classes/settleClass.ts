import { settleClass as deed } from '../../contract/classes/settleClass';
import { done } from '../access/useCase';
import { classUseCase } from './classUseCase';
import { updateSettled } from './queries';

export const settleClass = classUseCase(deed, {
  async run({ classId }, _, { database, now }) {
    await updateSettled(database, classId, now);
    return done(null);
  },
});
