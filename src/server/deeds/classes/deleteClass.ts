import { deleteClass as deleteClassDeed } from '../../../contract/classes/deleteClass';
import { previewClassDeletion as previewClassDeletionDeed } from '../../../contract/classes/previewClassDeletion';
import { goesForGoodAt } from '../../../core/privacy/reversible';
import { done, refused, type Refusal } from '../../ground/access/useCase';
import { insertJob } from '../../ground/jobs/queries';
import { isArchivedAtRest, type ClassRow } from '../../tables/classes';
import { classUseCase } from '../subjects/classUseCase';
import { countClassHoldings, hideClass } from './deletionQueries';

export const previewClassDeletion = classUseCase(previewClassDeletionDeed, {
  run: async ({ classId }, _, { database }) => done(await countClassHoldings(database, classId)),
});

export const deleteClass = classUseCase(deleteClassDeed, {
  turn: true,
  async run({ classId, ...told }, inClass, { database, now }) {
    const problem = notYet(inClass);
    if (problem) return problem;
    const holds = await countClassHoldings(database, classId);
    if (holds.students !== told.students || holds.posts !== told.posts || holds.pictures !== told.pictures)
      return refused('class.holdsOthers');
    const eraseAt = goesForGoodAt(now);
    await hideClass(database, { id: classId, at: now, eraseAt });
    await insertJob(database, { kind: 'eraseClass', payload: { classId }, at: eraseAt });
    return done({ eraseAt: eraseAt.toISOString() });
  },
});

function notYet(inClass: ClassRow): Refusal | null {
  if (!inClass.restedAt) return refused('class.restFirst');
  return isArchivedAtRest(inClass) ? null : refused('class.archiveFirst');
}
