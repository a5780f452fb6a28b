import { restClass as deed } from '../../contract/classes/restClass';
import { done } from '../access/useCase';
import { classUseCase } from './classUseCase';
import { updateRested } from './queries';

export const restClass = classUseCase(deed, {
  async run({ classId, rest }, _, { database, now }) {
    await updateRested(database, classId, rest ? now : null);
    return done(null);
  },
});
