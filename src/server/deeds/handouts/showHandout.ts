import type { Reader } from '../../ground/access/reader';
import { database } from '../../ground/database/database';
import { SHELVES } from '../../ground/storage/shelves';
import { findHandout, listAssignmentUses } from '../../tables/handouts';
import { sightOnPages } from '../readers/sightOnPages';
import { listPageUses } from '../pages/uses';
import { mayReadOne } from './mayReadOne';

export interface ShownHandout {
  readonly name: string;
  /** The same for the same bytes. */
  readonly tag: string;
  read(): Promise<Buffer | null>;
}

/**
 * A file for whoever may read an assignment or a page that has it with it, and for who brought it. Null for everybody else, as for
 * a file that is not there.
 */
export async function maybeShowHandout(id: string, reader: Reader, now: Date): Promise<ShownHandout | null> {
  const { personId } = reader;
  if (!/^[0-9a-z]{16}$/.test(id)) return null;
  const handout = await findHandout(database, id);
  if (!handout) return null;
  const readable =
    (personId !== null &&
      (handout.uploadedBy === personId ||
        (await mayReadOne(await listAssignmentUses(database, 'handout', id, now), personId)))) ||
    (await sightOnPages(await listPageUses(database, 'handout', id), reader)) !== 'nothing';
  if (!readable) return null;
  const { name, contentHash } = handout;
  return {
    name,
    tag: contentHash.slice(0, 32),
    read: () => SHELVES.handouts.maybeRead(contentHash, 'whole'),
  };
}
