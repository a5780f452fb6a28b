import { inTransaction } from '../../ground/database/database';
import { deleteHandout } from '../../ground/storage/handoutFiles';
import { deletePicture } from '../../ground/storage/pictureFiles';
import { erasePersonRows, listOwnHandoutFiles, listOwnPictureFiles, lockDeleted } from '../people/deletion';

/** Erases a person whose time to be brought back is over. Who was brought back meanwhile, or is gone, is left alone. */
export async function erasePerson(
  { personId }: { readonly personId: string },
  _: string,
  now: Date,
): Promise<void> {
  const files = await inTransaction(async (transaction) => {
    const deleted = await lockDeleted(transaction, personId);
    if (!deleted || deleted.eraseAt > now) return null;
    const pictures = await listOwnPictureFiles(transaction, personId);
    const handouts = await listOwnHandoutFiles(transaction, personId);
    await erasePersonRows(transaction, personId);
    return { pictures, handouts };
  });
  // After the rows: a file without a row is only litter, a row without its file would be a broken picture.
  for (const hash of files?.pictures ?? []) await deletePicture(hash);
  for (const hash of files?.handouts ?? []) await deleteHandout(hash);
}
