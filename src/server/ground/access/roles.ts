import type { AccountRole, Actor, ClassRole } from '../../../core/access/may';
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

/** Somebody who acts, as the access table knows them, and whether the class was put to rest or is to be deleted. */
interface Standing {
  readonly actor: Actor;
  readonly resting: boolean;
  readonly deleted: boolean;
}

/** How somebody stands to a class; `classId` is null for what belongs to no class. */
export async function findStanding(
  database: Database,
  classId: string | null,
  personId: string,
): Promise<Standing> {
  const [row] = await database.rows<{
    account: AccountRole | null;
    role: ClassRole | null;
    resting: number;
    deleted: number;
  }>(
    `SELECT account, role, rested_at IS NOT NULL AS resting,
       classes.deleted_at IS NOT NULL AS deleted FROM people
     LEFT JOIN classes ON classes.id = :classId
     LEFT JOIN memberships
       ON memberships.person_id = people.id AND memberships.class_id = classes.id AND left_at IS NULL
     WHERE people.id = :personId`,
    { classId, personId },
  );
  const actor = { personId, role: row?.role ?? null, account: row?.account ?? null };
  return { actor, resting: row?.resting === 1, deleted: row?.deleted === 1 };
}

/** Somebody who acts or looks, as the access table knows them. */
export async function findActor(
  database: Database,
  classId: string | null,
  personId: string | null,
): Promise<Actor> {
  if (personId === null) return { personId, role: null };
  const { actor, deleted } = await findStanding(database, classId, personId);
  return deleted ? { ...actor, role: null } : actor;
}
