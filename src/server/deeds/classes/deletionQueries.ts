import type { ClassHoldings } from '../../../contract/classes/previewClassDeletion';
import type { Database } from '../../ground/database/database';

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
