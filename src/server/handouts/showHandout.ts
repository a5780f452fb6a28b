import { database } from '../database/database';
import { maybeReadHandout } from '../storage/handoutFiles';
import { mayReadOne } from './mayReadOne';
import { findHandout, listAssignmentUses } from './queries';

export interface ShownHandout {
  readonly name: string;
  readonly content: Buffer;
}

/**
 * A file for whoever may read an assignment that has it with it, and for who brought it. Null for everybody else, as for
 * a file that is not there.
 */
export async function maybeShowHandout(id: string, personId: string | null): Promise<ShownHandout | null> {
  if (personId === null || !/^[0-9a-z]{16}$/.test(id)) return null;
  const handout = await findHandout(database, id);
  if (!handout) return null;
  const readable = await mayReadOne(await listAssignmentUses(database, 'handout', id), personId);
  if (handout.uploadedBy !== personId && !readable) return null;
  const content = await maybeReadHandout(handout.contentHash);
  return content && { name: handout.name, content };
}
