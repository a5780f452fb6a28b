import { restoreClass as deed } from '../../../contract/classes/restoreClass';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { classUseCase } from '../subjects/classUseCase';
import { lockDeletedClass, unhideClass } from './deletionQueries';

export const restoreClass = classUseCase(deed, {
  turn: true,
  async run({ classId }, _, { database, now }) {
    const deleted = await lockDeletedClass(database, classId);
    if (!deleted) return NOT_THERE;
    if (deleted.eraseAt <= now) return refused('class.goneForGood');
    await unhideClass(database, classId);
    return done(null);
  },
});
