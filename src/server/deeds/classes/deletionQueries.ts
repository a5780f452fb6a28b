import type { ClassHoldings } from '../../../contract/classes/previewClassDeletion';
import type { Database } from '../../ground/database/database';
import { erasePost } from '../posts/erasePost';

/** When a class was deleted and goes for good. */
export interface DeletedClassRow {
  readonly deletedAt: Date;
  readonly eraseAt: Date;
}

export async function updateArchived(database: Database, id: string, at: Date): Promise<void> {
  await database.change('UPDATE classes SET archived_at = :at WHERE id = :id', { id, at });
}

/** Hides a class until it goes for good. Who looked at it looks at none, until they turn to another. */
export async function hideClass(
  database: Database,
  deletion: { readonly id: string; readonly at: Date; readonly eraseAt: Date },
): Promise<void> {
  await database.change('UPDATE classes SET deleted_at = :at, erase_at = :eraseAt WHERE id = :id', deletion);
}

export async function unhideClass(database: Database, id: string): Promise<void> {
  await database.change('UPDATE classes SET deleted_at = NULL, erase_at = NULL WHERE id = :id', { id });
}

/** The deletion of a class, held until the transaction ends; null for a class that is not deleted. */
export async function lockDeletedClass(database: Database, id: string): Promise<DeletedClassRow | null> {
  const [row] = await database.rows<DeletedClassRow>(
    `SELECT deleted_at AS deletedAt, erase_at AS eraseAt FROM classes
     WHERE id = :id AND deleted_at IS NOT NULL FOR UPDATE`,
    { id },
  );
  return row ?? null;
}

/** The deleted classes that a person ran and may bring back. */
export async function listDeletedClassesOf(
  database: Database,
  personId: string,
): Promise<
  readonly {
    readonly id: string;
    readonly title: string;
    readonly groupName: string;
    readonly eraseAt: Date;
  }[]
> {
  return database.rows(
    `SELECT id, title, group_name AS groupName, erase_at AS eraseAt FROM classes
     JOIN memberships ON memberships.class_id = classes.id AND person_id = :personId
      AND role = 'teacher' AND left_at IS NULL
     WHERE deleted_at IS NOT NULL ORDER BY erase_at`,
    { personId },
  );
}

export async function countClassHoldings(database: Database, classId: string): Promise<ClassHoldings> {
  const [row] = await database.rows<Omit<ClassHoldings, 'onlyHere'>>(
    `SELECT (SELECT COUNT(*) FROM memberships WHERE class_id = :classId AND left_at IS NULL
               AND role IN ('student', 'studentEditor')) AS students,
       (SELECT COUNT(*) FROM posts WHERE class_id = :classId) AS posts,
       (SELECT COUNT(*) FROM publications JOIN posts ON posts.id = post_id
        WHERE class_id = :classId AND until IS NULL) AS published,
       (SELECT COUNT(*) FROM pictures WHERE class_id = :classId) AS pictures`,
    { classId },
  );
  const none = { students: 0, posts: 0, published: 0, pictures: 0 };
  return { ...(row ?? none), onlyHere: (await listOnlyIn(database, classId)).length };
}

/** The students who are and were in no other class, and have no account of their own. */
export async function listOnlyIn(database: Database, classId: string): Promise<readonly string[]> {
  const rows = await database.rows<{ personId: string }>(
    `SELECT own.person_id AS personId FROM memberships AS own JOIN people ON people.id = own.person_id
     WHERE own.class_id = :classId AND role IN ('student', 'studentEditor') AND password_hash IS NULL
       AND NOT EXISTS (SELECT 1 FROM memberships AS other
                       WHERE other.person_id = own.person_id AND other.class_id <> :classId)`,
    { classId },
  );
  return rows.map((row) => row.personId);
}

/** The files of pictures that no other class shows, by content hash. */
export async function listClassPictureFiles(database: Database, classId: string): Promise<readonly string[]> {
  const rows = await database.rows<{ hash: string }>(
    `SELECT DISTINCT content_hash AS hash FROM pictures AS own WHERE class_id = :classId
       AND NOT EXISTS (SELECT 1 FROM pictures AS other
                       WHERE other.content_hash = own.content_hash AND other.class_id <> :classId)`,
    { classId },
  );
  return rows.map((row) => row.hash);
}

/** The files that the class gave out and that no assignment of another class has with it, by content hash. */
export async function listClassHandoutFiles(database: Database, classId: string): Promise<readonly string[]> {
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

/** What is left once its posts are gone, from the leaves to the root, so that nothing points at what is gone. */
const ERASING: readonly string[] = [
  'DELETE FROM passphrases_shown WHERE class_id = :classId',
  'DELETE FROM pages WHERE class_id = :classId',
  'DELETE FROM assignments WHERE class_id = :classId',
  `DELETE FROM handouts WHERE class_id = :classId AND id NOT IN (SELECT handout_id FROM assignment_handouts)`,
  `DELETE FROM revision_pictures WHERE picture_id IN (SELECT id FROM pictures WHERE class_id = :classId)`,
  'DELETE FROM pictures WHERE class_id = :classId',
  'DELETE FROM invitations WHERE class_id = :classId',
  'DELETE FROM class_labels WHERE class_id = :classId',
  'DELETE FROM class_addresses WHERE class_id = :classId',
  'DELETE FROM memberships WHERE class_id = :classId',
  'DELETE FROM audit_log WHERE class_id = :classId',
  'UPDATE sessions SET class_id = NULL WHERE class_id = :classId',
  'UPDATE classes SET copied_from = NULL WHERE copied_from = :classId',
  'DELETE FROM classes WHERE id = :classId',
];

/** Erases everything of a class for good; its people are left where they are. */
export async function eraseClassRows(database: Database, classId: string): Promise<void> {
  const posts = await database.rows<{ id: string }>('SELECT id FROM posts WHERE class_id = :classId', {
    classId,
  });
  for (const { id } of posts) await erasePost(database, id);
  for (const statement of ERASING) await database.change(statement, { classId });
}
