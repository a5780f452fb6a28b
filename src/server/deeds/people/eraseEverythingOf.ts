import { database, inTransaction, type Database } from '../../ground/database/database';
import { erasePersonFromPages } from '../pages/erasePersonFromPages';
import { erasePosts } from '../posts/erasePost';

/** Content hashes of files that nothing shows any more once what was erased is gone. */
export interface FilesLeft {
  readonly pictures: readonly string[];
  readonly handouts: readonly string[];
}

/** The files of pictures that nothing else shows, by content hash: what may be deleted with their uploader. */
async function listOwnPictureFiles(database: Database, personId: string): Promise<readonly string[]> {
  const rows = await database.rows<{ hash: string }>(
    `SELECT DISTINCT content_hash AS hash FROM pictures AS own WHERE uploaded_by = :personId
       AND NOT EXISTS (SELECT 1 FROM pictures AS other
                       WHERE other.content_hash = own.content_hash AND other.uploaded_by <> :personId)`,
    { personId },
  );
  return rows.map((row) => row.hash);
}

/** The same for the files that they gave out. */
async function listOwnHandoutFiles(database: Database, personId: string): Promise<readonly string[]> {
  const rows = await database.rows<{ hash: string }>(
    `SELECT DISTINCT content_hash AS hash FROM handouts AS own WHERE uploaded_by = :personId
       AND NOT EXISTS (SELECT 1 FROM handouts AS other
                       WHERE other.content_hash = own.content_hash
                         AND (other.uploaded_by IS NULL OR other.uploaded_by <> :personId))`,
    { personId },
  );
  return rows.map((row) => row.hash);
}

/** What has no reference to the person, or one that only lets go; the person takes along all the rest. */
const ERASING: readonly string[] = [
  // A label that only they used goes with them; one that others use is the class's.
  `DELETE FROM labels WHERE brought_by = :personId AND NOT EXISTS (
     SELECT 1 FROM revisions JOIN posts ON posts.id = post_id
     WHERE posts.class_id = labels.class_id AND JSON_CONTAINS(revisions.labels, JSON_QUOTE(labels.name)))`,
  // The log keeps its lines without the name.
  'UPDATE audit_log SET actor_id = NULL WHERE actor_id = :personId',
  'UPDATE audit_log SET about_id = NULL WHERE about_id = :personId',
  'DELETE FROM limits WHERE LEFT(subject, 16) = :personId OR subject = (SELECT LOWER(email) COLLATE utf8mb4_bin FROM people WHERE id = :personId)',
  'DELETE FROM people WHERE id = :personId',
];

/**
 * Erases everything of a person for good, post by post. Whoever is stopped in between goes on the next time.
 */
export async function eraseEverythingOf(personId: string): Promise<FilesLeft> {
  const posts = await database.rows<{ id: string }>('SELECT id FROM posts WHERE writer_id = :personId', {
    personId,
  });
  await erasePosts(posts.map(({ id }) => id));
  return inTransaction(async (transaction) => {
    const left = {
      pictures: await listOwnPictureFiles(transaction, personId),
      handouts: await listOwnHandoutFiles(transaction, personId),
    };
    await erasePersonFromPages(transaction, personId);
    for (const statement of ERASING) await transaction.change(statement, { personId });
    return left;
  });
}
