import { settleClass as deed } from '../../../contract/classes/settleClass';
import { done } from '../../ground/access/useCase';
import { updateSettled } from '../../tables/classSettings';
import { classUseCase } from '../subjects/classUseCase';

export const settleClass = classUseCase(deed, {
  async run({ classId }, _, { database, now }) {
    await updateSettled(database, classId, now);
    return done(null);
  },
});
