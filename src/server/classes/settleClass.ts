import { done } from '../access/useCase';
import { classUseCase } from './classUseCase';
import { updateSettled } from './queries';

/** Says that a class is set up: its teacher has gone through all there is to settle. */
export const settleClass = classUseCase<{ readonly classId: string }, null>({
  name: 'settleClass',
  action: 'class.change',
  async run({ classId }, _, { database, now }) {
    await updateSettled(database, classId, now);
    return done(null);
  },
});
