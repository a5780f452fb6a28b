import { database } from '../../ground/database/database';
import { lockDeletedClass } from '../classes/deletionQueries';
import { eraseEverythingIn } from '../classes/eraseEverythingIn';
import { deleteFiles } from './deleteFiles';

/**
 * Erases a class whose time to be brought back is over, and with it the students who were nowhere else. One that was
 * brought back meanwhile, or is gone, is left alone.
 */
export async function eraseClass(
  { classId }: { readonly classId: string },
  _: string,
  now: Date,
): Promise<void> {
  // From that moment on it is not brought back, so this holds until it is done.
  const deleted = await lockDeletedClass(database, classId);
  if (deleted && deleted.eraseAt <= now) await deleteFiles(await eraseEverythingIn(classId));
}
