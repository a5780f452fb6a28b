import { deleteClass as deleteClassDeed } from '../../contract/classes/deleteClass';
import { previewClassDeletion as previewClassDeletionDeed } from '../../contract/classes/previewClassDeletion';
import { done, refused, type Refusal } from '../access/useCase';
import { insertJob } from '../jobs/queries';
import { REVERSIBLE_DAYS } from '../people/deletion';
import { classUseCase } from './classUseCase';
import { countClassHoldings, hideClass } from './deletionQueries';
import { isArchivedAtRest, type ClassRow } from './queries';

export const previewClassDeletion = classUseCase(previewClassDeletionDeed, {
  run: async ({ classId }, _, { database }) => done(await countClassHoldings(database, classId)),
});

export const deleteClass = classUseCase(deleteClassDeed, {
  turn: true,
  async run({ classId, title }, inClass, { database, now }) {
    const problem = notYet(inClass) ?? otherTitle(inClass, title);
    if (problem) return problem;
    const eraseAt = new Date(now.getTime() + REVERSIBLE_DAYS * 86_400_000);
    await hideClass(database, { id: classId, at: now, eraseAt });
    await insertJob(database, { kind: 'eraseClass', payload: { classId }, at: eraseAt });
    return done({ eraseAt: eraseAt.toISOString() });
  },
});

function notYet(inClass: ClassRow): Refusal | null {
  if (!inClass.restedAt) return refused('class.restFirst');
  return isArchivedAtRest(inClass) ? null : refused('class.archiveFirst');
}

function otherTitle(inClass: ClassRow, title: string): Refusal | null {
  const plain = (text: string) => text.trim().toLocaleLowerCase();
  return plain(title) === plain(inClass.title) ? null : refused('class.otherTitle', 'title');
}
