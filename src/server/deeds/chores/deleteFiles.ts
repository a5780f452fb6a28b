import { deleteHandout } from '../../ground/storage/handoutFiles';
import { deletePicture } from '../../ground/storage/pictureFiles';
import type { FilesLeft } from '../people/eraseEverythingOf';

/**
 * Deletes files that nothing shows any more, by their content hashes; after the rows, since a file without a row is only
 * litter, and a row without its file would be a broken picture.
 */
export async function deleteFiles({ pictures, handouts }: FilesLeft): Promise<void> {
  for (const hash of pictures) await deletePicture(hash);
  for (const hash of handouts) await deleteHandout(hash);
}
