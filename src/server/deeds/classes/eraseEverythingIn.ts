import { database, inTransaction, type Database } from '../../ground/database/database';
import { eraseEverythingOf, type FilesLeft } from '../people/eraseEverythingOf';
import { erasePosts } from '../posts/erasePost';
import { listOnlyIn } from './deletionQueries';

/** The files of pictures that no other class shows, by content hash. */
async function listClassPictureFiles(database: Database, classId: string): Promise<readonly string[]> {
  const rows = await database.rows<{ hash: string }>(
    `SELECT DISTINCT content_hash AS hash FROM pictures AS own WHERE class_id = :classId
       AND NOT EXISTS (SELECT 1 FROM pictures AS other
                       WHERE other.content_hash = own.content_hash AND other.class_id <> :classId)`,
    { classId },
  );
  return rows.map((row) => row.hash);
}

/** The files that the class gave out and that no assignment of another class has with it, by content hash. */
async function listClassHandoutFiles(database: Database, classId: string): Promise<readonly string[]> {
  const rows = await database.rows<{ hash: string }>(
    `SELECT DISTINCT content_hash AS hash FROM handouts AS own WHERE class_id = :classId
       AND NOT EXISTS (SELECT 1 FROM handouts AS other
         LEFT JOIN assignment_handouts ON handout_id = other.id
         LEFT JOIN assignments ON assignments.id = assignment_id AND assignments.class_id <> :classId
         WHERE other.content_hash = own.content_hash
           AND (assignments.id IS NOT NULL OR other.class_id IS NULL OR other.class_id <> :classId))`,
    { classId },
  );
  return rows.map((row) => row.hash);
}

/** What has no reference to the class, or one that only lets go; the class takes along all the rest. */
const ERASING: readonly string[] = [
  // Before the files that they have with them: what another class has with it too stays there.
  'DELETE FROM assignments WHERE class_id = :classId',
  `DELETE FROM handouts WHERE class_id = :classId AND id NOT IN (SELECT handout_id FROM assignment_handouts)`,
  'DELETE FROM audit_log WHERE class_id = :classId',
  'DELETE FROM classes WHERE id = :classId',
];

/**
 * Erases everything of a class for good, post by post, and the students who were nowhere else; its other people are left
 * where they are. Whoever is stopped in between goes on the next time.
 */
export async function eraseEverythingIn(classId: string): Promise<FilesLeft> {
  const files: { pictures: string[]; handouts: string[] } = { pictures: [], handouts: [] };
  const note = ({ pictures, handouts }: FilesLeft) => {
    files.pictures.push(...pictures);
    files.handouts.push(...handouts);
  };
  for (const personId of await listOnlyIn(database, classId)) note(await eraseEverythingOf(personId));
  const posts = await database.rows<{ id: string }>('SELECT id FROM posts WHERE class_id = :classId', {
    classId,
  });
  await erasePosts(posts.map(({ id }) => id));
  note(
    await inTransaction(async (transaction) => {
      const left = {
        pictures: await listClassPictureFiles(transaction, classId),
        handouts: await listClassHandoutFiles(transaction, classId),
      };
      for (const statement of ERASING) await transaction.change(statement, { classId });
      return left;
    }),
  );
  return files;
}
