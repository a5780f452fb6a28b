import { database } from '../../ground/database/database';
import { SHELF_KINDS, SHELVES, type FilesByShelf } from '../../ground/storage/shelves';

/** Deletes those of some files that nothing shows any more, once what showed them was erased. */
export async function deleteFiles(files: FilesByShelf): Promise<void> {
  for (const kind of SHELF_KINDS) await SHELVES[kind].deleteUnnamed(database, files[kind]);
}
