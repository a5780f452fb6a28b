import type { Audience } from '../../../core/access/audience';
import type { Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { endPublications, insertPublications } from '../../tables/publications';

/** Puts a revision before an audience, in place of whatever readers saw of the post until now. */
export async function putBeforeReaders(
  database: Database,
  publication: {
    readonly postId: string;
    readonly revisionId: string;
    readonly audience: Audience;
    readonly by: string;
    readonly now: Date;
  },
): Promise<void> {
  const { postId, revisionId, audience, by, now } = publication;
  await endPublications(database, [postId], now);
  await insertPublications(database, [
    { id: newId(), postId, revisionId, audience, since: now, by, drawnFrom: null },
  ]);
}

/** Takes a post down: nobody but its writer and the teachers reads it any more. */
export async function takeFromReaders(database: Database, postId: string, now: Date): Promise<void> {
  await endPublications(database, [postId], now);
}
