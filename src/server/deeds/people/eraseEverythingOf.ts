import { database, inTransaction } from '../../ground/database/database';
import { filesWhere } from '../files/filesWhere';
import type { FilesByShelf } from '../../ground/storage/shelves';
import { erasePersonFromPages } from '../pages/erasePersonFromPages';
import { erasePosts } from '../posts/erasePost';

/** What has no reference to the person, or one that only lets go; the person takes along all the rest. */
const ERASING: readonly string[] = [
  // A label that only they used goes with them; one that others use is the class's.
  `DELETE FROM labels WHERE brought_by = :personId AND NOT EXISTS (
     SELECT 1 FROM revisions JOIN posts ON posts.id = post_id
     WHERE posts.class_id = labels.class_id AND JSON_CONTAINS(revisions.labels, JSON_QUOTE(labels.name)))`,
  // A picture that shows them goes no further because nobody knows any more whom it shows.
  `UPDATE pictures JOIN picture_people ON picture_id = pictures.id SET others = 'there' WHERE person_id = :personId`,
  // The log keeps its lines without the name.
  'UPDATE audit_log SET actor_id = NULL WHERE actor_id = :personId',
  'UPDATE audit_log SET about_id = NULL WHERE about_id = :personId',
  'DELETE FROM limits WHERE LEFT(subject, 16) = :personId OR subject = (SELECT LOWER(email) COLLATE utf8mb4_bin FROM people WHERE id = :personId)',
  'DELETE FROM people WHERE id = :personId',
];

/**
 * Erases everything of a person for good, post by post. Whoever is stopped in between goes on the next time.
 * @returns the files that were theirs, to be deleted where nothing else shows them
 */
export async function eraseEverythingOf(personId: string): Promise<FilesByShelf> {
  const posts = await database.rows<{ id: string }>('SELECT id FROM posts WHERE writer_id = :personId', {
    personId,
  });
  await erasePosts(posts.map(({ id }) => id));
  return inTransaction(async (transaction) => {
    const files = await filesWhere(transaction, 'uploaded_by', personId);
    await erasePersonFromPages(transaction, personId);
    for (const statement of ERASING) await transaction.change(statement, { personId });
    return files;
  });
}
