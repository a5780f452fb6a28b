import { done, NOT_THERE, refused } from '../access/useCase';
import { classUseCase } from './classUseCase';
import { lockDeletedClass, unhideClass } from './deletionQueries';

/** Brings a deleted class back, at rest as it was, while that is still possible. */
export const restoreClass = classUseCase<{ readonly classId: string }, null>({
  name: 'restoreClass',
  action: 'class.delete',
  whileResting: true,
  whileDeleted: true,
  turn: true,
  async run({ classId }, _, { database, now }) {
    const deleted = await lockDeletedClass(database, classId);
    if (!deleted) return NOT_THERE;
    if (deleted.eraseAt <= now) return refused('class.goneForGood');
    await unhideClass(database, classId);
    return done(null);
  },
});
