import type { AccountRole, Actor, ClassRole } from '../../core/access/may';
import type { Database } from '../database/database';

/** A person's role in a class, or null for somebody who does not belong to it. */
export async function findRole(
  database: Database,
  classId: string,
  personId: string,
): Promise<ClassRole | null> {
  const [row] = await database.rows<{ role: ClassRole }>(
    'SELECT role FROM memberships WHERE class_id = :classId AND person_id = :personId AND left_at IS NULL',
    { classId, personId },
  );
  return row?.role ?? null;
}

/** Somebody who acts, as the access table knows them; `classId` is null for what belongs to no class. */
export async function findActor(
  database: Database,
  classId: string | null,
  personId: string | null,
): Promise<Actor> {
  if (personId === null) return { personId, role: null };
  const [row] = await database.rows<{ account: AccountRole | null; role: ClassRole | null }>(
    `SELECT account, role FROM people LEFT JOIN memberships
       ON memberships.person_id = people.id AND memberships.class_id = :classId AND left_at IS NULL
     WHERE people.id = :personId`,
    { classId, personId },
  );
  return { personId, role: row?.role ?? null, account: row?.account ?? null };
}
