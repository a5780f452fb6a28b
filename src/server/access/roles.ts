import type { ClassRole } from '../../core/access/may';
import type { Database } from '../database/database';

/** A person's role in a class, or null for somebody who does not belong to it. */
export async function findRole(
  database: Database,
  classId: string,
  personId: string,
): Promise<ClassRole | null> {
  const [row] = await database.rows<{ role: ClassRole }>(
    'SELECT role FROM memberships WHERE class_id = :classId AND person_id = :personId',
    { classId, personId },
  );
  return row?.role ?? null;
}
