import type { PersonFound } from '../../contract/administration/searchPeople';
import type { AccountRole } from '../../core/access/may';
import { isHeld, TEACHING, WRITING } from '../ground/access/roles';
import type { Database } from '../ground/database/database';
import { classesFrom } from './columns';

export interface AccountRow {
  readonly personId: string;
  readonly givenName: string;
  readonly familyName: string;
  readonly email: string | null;
  readonly account: AccountRole | null;
  readonly hasPassword: boolean;
  readonly lastSeenAt: Date | null;
  /** How many classes they teach. */
  readonly classes: number;
}

/** Everybody who has an account of the install or teaches a class, by name. */
export async function listAccounts(database: Database): Promise<readonly AccountRow[]> {
  const rows = await database.rows<Omit<AccountRow, 'hasPassword'> & { readonly hasPassword: number }>(
    `SELECT people.id AS personId, given_name AS givenName, family_name AS familyName, email, account,
       password_hash IS NOT NULL AS hasPassword, last_seen_at AS lastSeenAt,
       (SELECT COUNT(*) FROM memberships
        WHERE person_id = people.id AND role IN ${TEACHING} AND ${isHeld()}) AS classes
     FROM people
     WHERE account IS NOT NULL
       OR EXISTS (SELECT 1 FROM memberships WHERE person_id = people.id AND role IN ${TEACHING})
     ORDER BY given_name, family_name`,
  );
  return rows.map((row) => ({ ...row, hasPassword: row.hasPassword === 1 }));
}

export interface ClassSizeRow {
  readonly id: string;
  readonly title: string;
  readonly groupName: string;
  readonly students: number;
  readonly posts: number;
  readonly pictures: number;
  readonly resting: number;
  /** Who runs it, by name; null where nobody does who has an account here. */
  readonly teacher: string | null;
}

export async function listClassSizes(database: Database): Promise<readonly ClassSizeRow[]> {
  return database.rows<ClassSizeRow>(
    `SELECT id, title, group_name AS groupName, rested_at IS NOT NULL AS resting,
       (SELECT COUNT(*) FROM memberships WHERE class_id = classes.id AND left_at IS NULL
          AND role IN ${WRITING}) AS students,
       (SELECT COUNT(*) FROM posts WHERE class_id = classes.id) AS posts,
       (SELECT COUNT(*) FROM pictures WHERE class_id = classes.id) AS pictures,
       (SELECT GROUP_CONCAT(CONCAT_WS(' ', given_name, family_name) SEPARATOR ', ') FROM memberships
        JOIN people ON people.id = person_id AND people.deleted_at IS NULL AND account IS NOT NULL
        WHERE class_id = classes.id AND role = 'teacher' AND ${isHeld()}) AS teacher
     FROM classes WHERE deleted_at IS NULL ORDER BY rested_at IS NOT NULL, title`,
  );
}

/** Size of everything in the database, in bytes, as the server estimates it. */
export async function databaseSize(database: Database): Promise<number> {
  const [row] = await database.rows<{ size: string | number | null }>(
    'SELECT SUM(data_length + index_length) AS size FROM information_schema.TABLES WHERE TABLE_SCHEMA = DATABASE()',
  );
  return Number(row?.size ?? 0);
}

export async function updateAccount(
  database: Database,
  personId: string,
  account: AccountRole | null,
): Promise<void> {
  await database.change('UPDATE people SET account = :account WHERE id = :personId', { personId, account });
}

export async function countAdministrators(database: Database): Promise<number> {
  const [row] = await database.rows<{ count: number }>(
    "SELECT COUNT(*) AS count FROM people WHERE account = 'administrator' AND password_hash IS NOT NULL AND deleted_at IS NULL",
  );
  return row?.count ?? 0;
}

/** At most twenty people whose name or address has the words, by name. */
export async function findPeople(database: Database, words: string): Promise<readonly PersonFound[]> {
  const like = `%${words.replace(/[\\%_]/g, '\\$&')}%`;
  const rows = await database.rows<
    Omit<PersonFound, 'teaches' | 'studentIn'> & {
      readonly teaches: number;
      readonly studentIn: string | null;
    }
  >(
    `SELECT people.id AS personId, CONCAT_WS(' ', given_name, family_name) AS name, email, people.erase_at AS eraseAt,
       COALESCE(GROUP_CONCAT(DISTINCT CONCAT_WS(', ', classes.title, NULLIF(group_name, '')) SEPARATOR '; '), '')
         AS classes,
       account IS NOT NULL OR COALESCE(MAX(role IN ${TEACHING}), 0) AS teaches,
       people.home_class_id AS homeClassId,
       (SELECT JSON_ARRAYAGG(JSON_OBJECT('id', own.id, 'title', CONCAT_WS(', ', own.title, NULLIF(own.group_name, ''))))
        FROM memberships AS places JOIN classes AS own ON own.id = places.class_id AND own.deleted_at IS NULL
        WHERE places.person_id = people.id AND places.left_at IS NULL AND places.role IN ${WRITING})
         AS studentIn
     FROM people LEFT JOIN memberships ON memberships.person_id = people.id
     LEFT JOIN classes ON classes.id = memberships.class_id
     WHERE CONCAT_WS(' ', given_name, family_name) LIKE :like OR email LIKE :like
     GROUP BY people.id ORDER BY given_name, family_name LIMIT 20`,
    { like },
  );
  return rows.map((row) => ({
    ...row,
    teaches: row.teaches === 1,
    studentIn: classesFrom(row.studentIn ?? '[]'),
  }));
}

/** Whether somebody teaches or has taught a class of the install. */
export async function hasTaught(database: Database, personId: string): Promise<boolean> {
  const rows = await database.rows<object>(
    `SELECT 1 FROM memberships WHERE person_id = :personId AND role IN ${TEACHING} LIMIT 1`,
    { personId },
  );
  return rows.length > 0;
}
