import type { Audience } from '../../../core/access/audience';
import type { Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { endPublications, insertPublications } from '../../tables/publications';
import { renewShownPosts } from '../subjects/renewShown';

/** A revision that is to stand before an audience. */
export interface Opening {
  readonly postId: string;
  readonly revisionId: string;
  readonly audience: Audience;
}

/** Puts revisions before their audiences, in place of whatever readers saw of the posts until now. */
export async function putBeforeReaders(
  database: Database,
  openings: readonly Opening[],
  { by, now }: { readonly by: string; readonly now: Date },
): Promise<void> {
  const postIds = openings.map(({ postId }) => postId);
  await endPublications(database, postIds, now);
  await insertPublications(
    database,
    openings.map(({ postId, revisionId, audience }) => ({
      ...{ id: newId(), postId, revisionId, audience },
      ...{ since: now, by, drawnFrom: null },
    })),
  );
  await renewShownPosts(database, postIds, now);
}

/** Takes a post down: nobody but its writer and the teachers reads it any more. */
export async function takeFromReaders(database: Database, postId: string, now: Date): Promise<void> {
  await endPublications(database, [postId], now);
  await renewShownPosts(database, [postId], now);
}
