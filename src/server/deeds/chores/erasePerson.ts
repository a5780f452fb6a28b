import { database } from '../../ground/database/database';
import { lockDeleted } from '../people/deletion';
import { eraseEverythingOf } from '../people/eraseEverythingOf';
import { deleteFiles } from './deleteFiles';

/** Erases a person whose time to be brought back is over. Who was brought back meanwhile, or is gone, is left alone. */
export async function erasePerson(
  { personId }: { readonly personId: string },
  _: string,
  now: Date,
): Promise<void> {
  // From that moment on nobody is brought back, so this holds until it is done.
  const deleted = await lockDeleted(database, personId);
  if (deleted && deleted.eraseAt <= now) await deleteFiles(await eraseEverythingOf(personId));
}
