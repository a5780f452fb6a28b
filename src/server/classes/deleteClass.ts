import { done, refused, type Refusal } from '../access/useCase';
import { insertJob } from '../jobs/queries';
import { REVERSIBLE_DAYS } from '../people/deletion';
import { classUseCase } from './classUseCase';
import { countClassHoldings, hideClass, type ClassHoldings } from './deletionQueries';
import { isArchivedAtRest, type ClassRow } from './queries';

interface Input {
  readonly classId: string;
  /** The title of the class, typed by hand. */
  readonly title: string;
}

/** Says what goes with a class, before anything is done. */
export const previewClassDeletion = classUseCase<Pick<Input, 'classId'>, ClassHoldings>({
  name: 'previewClassDeletion',
  action: 'class.delete',
  looksOnly: true,
  run: async ({ classId }, _, { database }) => done(await countClassHoldings(database, classId)),
});

/**
 * Deletes a class: hidden at once, brought back within a month if wanted, then gone for good. Before that it was put to
 * rest and its archive was taken after, so that nothing was written that the archive does not have.
 */
export const deleteClass = classUseCase<Input, { readonly eraseAt: string }>({
  name: 'deleteClass',
  action: 'class.delete',
  whileResting: true,
  turn: true,
  fields: { title: { type: 'string', maxLength: 200 } },
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
