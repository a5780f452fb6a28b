import { inTransaction } from '../../ground/database/database';
import { deleteHandout } from '../../ground/storage/handoutFiles';
import { deletePicture } from '../../ground/storage/pictureFiles';
import {
  eraseClassRows,
  listClassHandoutFiles,
  listClassPictureFiles,
  listOnlyIn,
  lockDeletedClass,
} from '../classes/deletionQueries';
import { erasePersonRows } from '../people/deletion';

/**
 * Erases a class whose time to be brought back is over, and with it the students who were nowhere else. One that was
 * brought back meanwhile, or is gone, is left alone.
 */
export async function eraseClass(
  { classId }: { readonly classId: string },
  _: string,
  now: Date,
): Promise<void> {
  const files = await inTransaction(async (transaction) => {
    const deleted = await lockDeletedClass(transaction, classId);
    if (!deleted || deleted.eraseAt > now) return null;
    const pictures = await listClassPictureFiles(transaction, classId);
    const handouts = await listClassHandoutFiles(transaction, classId);
    for (const personId of await listOnlyIn(transaction, classId))
      await erasePersonRows(transaction, personId);
    await eraseClassRows(transaction, classId);
    return { pictures, handouts };
  });
  for (const hash of files?.pictures ?? []) await deletePicture(hash);
  for (const hash of files?.handouts ?? []) await deleteHandout(hash);
}
