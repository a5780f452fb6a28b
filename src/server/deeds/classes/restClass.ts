import { restClass as deed } from '../../../contract/classes/restClass';
import { done } from '../../ground/access/useCase';
import { updateRested } from '../../tables/classSettings';
import { classUseCase } from '../subjects/classUseCase';

export const restClass = classUseCase(deed, {
  async run({ classId, rest }, _, { database, now }) {
    await updateRested(database, classId, rest ? now : null);
    return done(null);
  },
});
