import { WRITING } from '../ground/access/roles';
import { may } from '../../core/access/may';
import type { StudentStanding } from '../../core/roster/takingIn';
import type { Database } from '../ground/database/database';
import { listClassesOf } from './classes';

/**
 * Whether somebody's sign-in is theirs alone: with an account of the install, a password or the school's sign-in, or who
 * is anything but a student anywhere, in a class that they left too.
 */
const OWN_SIGN_IN = `(people.account IS NOT NULL OR people.password_hash IS NOT NULL OR people.school_subject IS NOT NULL
  OR EXISTS (SELECT 1 FROM memberships AS elsewhere
             WHERE elsewhere.person_id = people.id AND elsewhere.role NOT IN ${WRITING}))`;

/** Whether somebody has an account of the install, or is anything but a student anywhere. */
const GROWN_UP = `(people.account IS NOT NULL
  OR EXISTS (SELECT 1 FROM memberships AS elsewhere
             WHERE elsewhere.person_id = people.id AND elsewhere.role NOT IN ${WRITING}))`;

/** The columns of a `StudentStanding` in a query that reads `people`. */
export const STANDING_COLUMNS = `people.home_class_id AS homeClassId, people.deleted_at IS NOT NULL AS deleted,
  ${OWN_SIGN_IN} AS ownSignIn, ${GROWN_UP} AS grownUp`;

/** A `StudentStanding` as it arrives: truth values are numbers. */
export interface StoredStanding {
  readonly homeClassId: string | null;
  readonly deleted: number;
  readonly ownSignIn: number;
  readonly grownUp: number;
}

export function standingOf({ homeClassId, deleted, ownSignIn, grownUp }: StoredStanding): StudentStanding {
  return { homeClassId, deleted: deleted === 1, ownSignIn: ownSignIn === 1, grownUp: grownUp === 1 };
}

/** How somebody stands to the classes of the install, or null for nobody. */
export async function findStudentStanding(
  database: Database,
  personId: string,
): Promise<StudentStanding | null> {
  const [row] = await database.rows<StoredStanding>(
    `SELECT ${STANDING_COLUMNS} FROM people WHERE people.id = :personId`,
    { personId },
  );
  return row ? standingOf(row) : null;
}

/** The classes whose people somebody may change. */
export async function listClassesRunBy(database: Database, personId: string): Promise<ReadonlySet<string>> {
  const classes = await listClassesOf(database, personId);
  return new Set(
    classes.filter(({ role }) => may({ personId, role }, 'roster.change', {})).map(({ id }) => id),
  );
}
