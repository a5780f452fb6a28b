import { changeLook as deed } from '../../../contract/classes/changeLook';
import { done } from '../../ground/access/useCase';
import { updateLook } from '../../tables/classSettings';
import { classUseCase } from '../subjects/classUseCase';

export const changeLook = classUseCase(deed, {
  async run({ classId, ...look }, _, { database }) {
    await updateLook(database, classId, look);
    return done(null);
  },
});
