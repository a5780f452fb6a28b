import {
  TEACHING_ROLES,
  WRITING_ROLES,
  type AccountRole,
  type Actor,
  type ClassRole,
} from '../../../core/access/may';
import type { Database } from '../database/database';

/** SQL: that a place in a class is held now: not left, and its last day not over. The one rule of who is in a class. */
export function isHeld(memberships = 'memberships'): string {
  return `(${memberships}.left_at IS NULL AND (${memberships}.until IS NULL OR ${memberships}.until > UTC_TIMESTAMP(3)))`;
}

/** SQL: when somebody left a class, by themselves or because their last day is over; null for who holds their place. */
export const LEFT_AT = 'COALESCE(left_at, IF(until <= UTC_TIMESTAMP(3), until, NULL)) AS leftAt';

/** SQL: the roles of those who teach. */
export const TEACHING = listOf(TEACHING_ROLES);

/** SQL: the roles of those who write. */
export const WRITING = listOf(WRITING_ROLES);

function listOf(roles: readonly ClassRole[]): string {
  return `(${roles.map((role) => `'${role}'`).join(', ')})`;
}

/** A person's role in a class, or null for somebody who does not belong to it. */
export async function findRole(
  database: Database,
  classId: string,
  personId: string,
): Promise<ClassRole | null> {
  const [row] = await database.rows<{ role: ClassRole }>(
    `SELECT role FROM memberships WHERE class_id = :classId AND person_id = :personId AND ${isHeld()}`,
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
       ON memberships.person_id = people.id AND memberships.class_id = classes.id AND ${isHeld()}
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
