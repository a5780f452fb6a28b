import { changeLook as deed } from '../../contract/classes/changeLook';
import { done } from '../access/useCase';
import { classUseCase } from './classUseCase';
import { updateLook } from './queries';

export const changeLook = classUseCase(deed, {
  async run({ classId, ...look }, _, { database }) {
    await updateLook(database, classId, look);
    return done(null);
  },
});
