import { nameInClass, namesInClass } from '../../core/people/names';
import type { PasscodeKind } from '../../core/people/passcode';
import type { StudentStanding } from '../../core/roster/takingIn';
import { isHeld, WRITING } from '../ground/access/roles';
import type { Database } from '../ground/database/database';
import { standingOf, STANDING_COLUMNS, type StoredStanding } from './standing';
import { idsFrom } from './idsFrom';

/** A student of a class as the roster shows them; `leftAt` is set for those who are no longer in it. */
export interface RosterRow {
  readonly personId: string;
  readonly givenName: string;
  readonly familyName: string;
  readonly penName: string | null;
  readonly email: string | null;
  readonly schoolId: string | null;
  readonly groupName: string | null;
  readonly joinedAt: Date;
  readonly leftAt: Date | null;
  readonly hasPasscode: boolean;
  readonly hasPassword: boolean;
  readonly passcodeKind: PasscodeKind | null;
  readonly passcodeMadeAt: Date | null;
  readonly lastSeenAt: Date | null;
  /** When a deleted person goes for good; null for everybody else. */
  readonly eraseAt: Date | null;
  /** Posts of this class that they began. */
  readonly posts: number;
  readonly standing: StudentStanding;
  /** The class that speaks for them, by its title and group. */
  readonly homeTitle: string | null;
  /** As the class tells them apart from all who are or were in it. */
  readonly shownName: string;
}

/** The students of a class, those who left it too, by given name. */
export async function listRoster(database: Database, classId: string): Promise<readonly RosterRow[]> {
  const rows = await database.rows<
    Omit<RosterRow, 'hasPasscode' | 'hasPassword' | 'standing' | 'shownName'> &
      StoredStanding & {
        readonly hasPasscode: number;
        readonly hasPassword: number;
      }
  >(
    `SELECT people.id AS personId, given_name AS givenName, family_name AS familyName, pen_name AS penName, email,
       school_id AS schoolId, group_in_class AS groupName, joined_at AS joinedAt, left_at AS leftAt,
       passcode_hash IS NOT NULL AS hasPasscode, password_hash IS NOT NULL AS hasPassword,
       people.passcode_kind AS passcodeKind, passcode_made_at AS passcodeMadeAt, last_seen_at AS lastSeenAt, erase_at AS eraseAt,
       ${STANDING_COLUMNS},
       (SELECT CONCAT_WS(', ', title, NULLIF(group_name, '')) FROM classes WHERE classes.id = people.home_class_id) AS homeTitle,
       (SELECT COUNT(*) FROM posts WHERE posts.class_id = :classId AND writer_id = people.id) AS posts
     FROM memberships JOIN people ON people.id = memberships.person_id
     WHERE class_id = :classId AND role IN ${WRITING} ORDER BY given_name, family_name, people.id`,
    { classId },
  );
  const names = namesInClass(rows);
  return rows.map((row) => ({
    ...row,
    shownName: names.get(row.personId) ?? nameInClass(row),
    hasPasscode: row.hasPasscode === 1,
    hasPassword: row.hasPassword === 1,
    standing: standingOf(row),
  }));
}

/** Where the students of a class are students too. */
export async function listPlacesElsewhere(
  database: Database,
  classId: string,
): Promise<
  readonly {
    readonly personId: string;
    readonly classId: string;
    readonly title: string;
    readonly groupName: string;
  }[]
> {
  return database.rows(
    `SELECT others.person_id AS personId, classes.id AS classId, title, group_name AS groupName
     FROM memberships AS own JOIN memberships AS others ON others.person_id = own.person_id
     JOIN classes ON classes.id = others.class_id AND deleted_at IS NULL
     WHERE own.class_id = :classId AND own.left_at IS NULL AND others.class_id <> :classId
       AND others.left_at IS NULL AND others.role IN ${WRITING} ORDER BY title`,
    { classId },
  );
}

/** A person of the install as imports know them again. */
export interface KnownPersonRow {
  readonly personId: string;
  readonly id: string | null;
  readonly email: string | null;
  readonly name: string;
  readonly standing: StudentStanding;
}

const KNOWN_COLUMNS = `people.id AS personId, school_id AS id, email, TRIM(CONCAT(given_name, ' ', family_name)) AS name,
  ${STANDING_COLUMNS}`;

/** Everybody who has an identifier or an address among the given ones. */
export async function listKnownPeople(
  database: Database,
  schoolIds: readonly string[],
  emails: readonly string[],
): Promise<readonly KnownPersonRow[]> {
  if (schoolIds.length === 0 && emails.length === 0) return [];
  const rows = await database.rows<Omit<KnownPersonRow, 'standing'> & StoredStanding>(
    `SELECT ${KNOWN_COLUMNS} FROM JSON_TABLE(:schoolIds, '$[*]' COLUMNS (
         value VARCHAR(100) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin PATH '$')) AS wanted
       JOIN people ON people.school_id = wanted.value
     UNION
     SELECT ${KNOWN_COLUMNS} FROM JSON_TABLE(:emails, '$[*]' COLUMNS (
         value VARCHAR(254) CHARACTER SET utf8mb4 COLLATE utf8mb4_uca1400_ai_ci PATH '$')) AS wanted
       JOIN people ON people.email = wanted.value`,
    { schoolIds: JSON.stringify(schoolIds), emails: JSON.stringify(emails) },
  );
  return rows.map((row) => ({ ...row, standing: standingOf(row) }));
}

export interface NewStudentRow {
  readonly id: string;
  readonly givenName: string;
  readonly familyName: string;
  readonly penName: string | null;
  readonly schoolId: string | null;
  readonly email: string | null;
  readonly groupName: string | null;
}

export async function insertStudents(
  database: Database,
  students: readonly NewStudentRow[],
  { classId, at }: { readonly classId: string; readonly at: Date },
): Promise<void> {
  await database.insert(
    'people (id, given_name, family_name, pen_name, school_id, email, created_at, home_class_id)',
    students.map((one) => [
      one.id,
      one.givenName,
      one.familyName,
      one.penName,
      one.schoolId,
      one.email,
      at,
      classId,
    ]),
  );
  await database.insert(
    'memberships (class_id, person_id, role, joined_at, group_in_class)',
    students.map((one) => [classId, one.id, 'student', at, one.groupName]),
  );
}

export async function updatePerson(
  database: Database,
  person: {
    readonly id: string;
    readonly givenName: string;
    readonly familyName: string;
    readonly penName: string | null;
    readonly schoolId: string | null;
    readonly email: string | null;
  },
): Promise<void> {
  await database.change(
    `UPDATE people SET given_name = :givenName, family_name = :familyName, pen_name = :penName, school_id = :schoolId,
       email = :email WHERE id = :id`,
    person,
  );
}

export async function updatePasscode(
  database: Database,
  passcode: {
    readonly personId: string;
    readonly hash: string;
    readonly kind: PasscodeKind;
    readonly at: Date;
  },
): Promise<void> {
  await database.change(
    `UPDATE people SET passcode_hash = :hash, passcode_kind = :kind, passcode_made_at = :at WHERE id = :personId`,
    passcode,
  );
}

/** Whether somebody has begun any post. */
export async function hasWritten(database: Database, personId: string): Promise<boolean> {
  const rows = await database.rows('SELECT 1 FROM posts WHERE writer_id = :personId LIMIT 1', { personId });
  return rows.length > 0;
}

/** A student of other classes, as a list is compared with them. */
export interface OtherStudentRow {
  readonly personId: string;
  readonly givenName: string;
  readonly familyName: string;
  readonly schoolId: string | null;
  readonly email: string | null;
  readonly standing: StudentStanding;
}

/** The students who are in one of some classes now and never were in this one. */
export async function listStudentsElsewhere(
  database: Database,
  classId: string,
  others: readonly string[],
): Promise<readonly OtherStudentRow[]> {
  if (others.length === 0) return [];
  const rows = await database.rows<Omit<OtherStudentRow, 'standing'> & StoredStanding>(
    `SELECT DISTINCT people.id AS personId, given_name AS givenName, family_name AS familyName, school_id AS schoolId,
       email, ${STANDING_COLUMNS}
     FROM ${idsFrom(':others')} AS wanted
     JOIN memberships ON memberships.class_id = wanted.id AND ${isHeld()} AND role IN ${WRITING}
     JOIN people ON people.id = memberships.person_id AND people.deleted_at IS NULL
     WHERE NOT EXISTS (SELECT 1 FROM memberships AS here WHERE here.class_id = :classId AND here.person_id = people.id)
     ORDER BY given_name, family_name, people.id`,
    { classId, others: JSON.stringify(others) },
  );
  return rows.map((row) => ({ ...row, standing: standingOf(row) }));
}
