import { database, inTransaction } from '../../ground/database/database';
import { filesWhere } from '../files/filesWhere';
import type { FilesByShelf } from '../../ground/storage/shelves';
import { eraseEverythingOf } from '../people/eraseEverythingOf';
import { erasePosts } from '../posts/erasePost';
import { listOnlyIn } from './deletionQueries';

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
 * @returns the files that were in it, to be deleted where nothing else shows them
 */
export async function eraseEverythingIn(classId: string): Promise<FilesByShelf> {
  const files: { pictures: string[]; handouts: string[] } = { pictures: [], handouts: [] };
  const note = ({ pictures, handouts }: FilesByShelf) => {
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
      const left = await filesWhere(transaction, 'class_id', classId);
      for (const statement of ERASING) await transaction.change(statement, { classId });
      return left;
    }),
  );
  return files;
}
