import { deleteHandout } from '../../ground/storage/handoutFiles';
import { deletePicture } from '../../ground/storage/pictureFiles';

/**
 * Deletes files that nothing shows any more, by their content hashes; after the rows, since a file without a row is only
 * litter, and a row without its file would be a broken picture.
 */
export async function deleteFiles({
  pictures,
  handouts,
}: {
  readonly pictures: readonly string[];
  readonly handouts: readonly string[];
}): Promise<void> {
  for (const hash of pictures) await deletePicture(hash);
  for (const hash of handouts) await deleteHandout(hash);
}
