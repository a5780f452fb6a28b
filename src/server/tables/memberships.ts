import type { ClassRole } from '../../core/access/may';
import { nameInClass, namesInClass } from '../../core/people/names';
import type { PasscodeKind } from '../../core/people/passcode';
import { isHeld, LEFT_AT, TEACHING, WRITING } from '../ground/access/roles';
import type { Database } from '../ground/database/database';
import { idsFrom } from './idsFrom';

export interface MemberRow {
  readonly personId: string;
  readonly role: ClassRole;
  readonly givenName: string;
  readonly familyName: string;
  readonly penName: string | null;
  readonly passcodeKind: PasscodeKind | null;
  /** A group within the class. */
  readonly groupInClass: string | null;
  readonly joinedAt: Date;
  /** When they left the class; null for who is in it. */
  readonly leftAt: Date | null;
  /** When the place of somebody who is let in for a while ends; null for everybody else. */
  readonly until: Date | null;
  /** As the class tells them apart from all who are or were in it. */
  readonly shownName: string;
}

const MEMBER_COLUMNS = `people.id AS personId, role, people.given_name AS givenName, people.family_name AS familyName,
    people.pen_name AS penName, people.passcode_kind AS passcodeKind, group_in_class AS groupInClass, joined_at AS joinedAt, ${LEFT_AT}, until`;

const MEMBERS_IN_ORDER = "ORDER BY role <> 'teacher', people.given_name, people.family_name";

/** The people of a class: the teacher who runs it first, then by given name. */
export async function listMembers(database: Database, classId: string): Promise<readonly MemberRow[]> {
  return (await listEverMembers(database, classId)).filter((member) => member.leftAt === null);
}

/** Everybody who is or was in a class, in the same order: what they wrote keeps their name. */
export async function listEverMembers(database: Database, classId: string): Promise<readonly MemberRow[]> {
  const rows = await database.rows<Omit<MemberRow, 'shownName'>>(
    `SELECT ${MEMBER_COLUMNS} FROM memberships JOIN people ON people.id = memberships.person_id
     WHERE class_id = :classId ${MEMBERS_IN_ORDER}`,
    { classId },
  );
  return named(rows);
}

function named(rows: readonly Omit<MemberRow, 'shownName'>[]): readonly MemberRow[] {
  const names = namesInClass(rows);
  return rows.map((row) => ({ ...row, shownName: names.get(row.personId) ?? nameInClass(row) }));
}

/**
 * Some of those who are or were in a class, named as `listEverMembers` names them: whoever has the same first name is read along, since
 * their names tell each other apart.
 */
export async function listSomeMembers(
  database: Database,
  classId: string,
  personIds: readonly string[],
): Promise<readonly MemberRow[]> {
  if (personIds.length === 0) return [];
  const rows = await database.rows<Omit<MemberRow, 'shownName'>>(
    `SELECT ${MEMBER_COLUMNS}
     FROM (SELECT DISTINCT named.given_name FROM ${idsFrom(':ids')} AS asked
           STRAIGHT_JOIN people AS named ON named.id = asked.id) AS alike
     STRAIGHT_JOIN people ON people.given_name = alike.given_name
     STRAIGHT_JOIN memberships ON memberships.class_id = :classId AND memberships.person_id = people.id
     ${MEMBERS_IN_ORDER}`,
    { classId, ids: JSON.stringify(personIds) },
  );
  const asked = new Set(personIds);
  return named(rows).filter(({ personId }) => asked.has(personId));
}

/** The names of all who write in a class or did, in no order. */
export async function listWritersNames(
  database: Database,
  classId: string,
): Promise<readonly Pick<MemberRow, 'givenName' | 'familyName'>[]> {
  return database.rows(
    `SELECT people.given_name AS givenName, people.family_name AS familyName
     FROM memberships JOIN people ON people.id = memberships.person_id
     WHERE class_id = :classId AND role IN ${WRITING}`,
    { classId },
  );
}

/** How many teach a class now. */
export async function countTeachers(database: Database, classId: string): Promise<number> {
  const [row] = await database.rows<{ readonly teachers: number }>(
    `SELECT COUNT(*) AS teachers FROM memberships WHERE class_id = :classId AND role IN ${TEACHING} AND ${isHeld()}`,
    { classId },
  );
  return row?.teachers ?? 0;
}

/** How many students are in a class now. */
export async function countStudents(database: Database, classId: string): Promise<number> {
  const [row] = await database.rows<{ readonly students: number }>(
    `SELECT COUNT(*) AS students FROM memberships WHERE class_id = :classId AND role IN ${WRITING} AND ${isHeld()}`,
    { classId },
  );
  return row?.students ?? 0;
}

export async function insertMembership(
  database: Database,
  membership: {
    readonly classId: string;
    readonly personId: string;
    readonly role: ClassRole;
    readonly joinedAt: Date;
  },
): Promise<void> {
  await database.change(
    'INSERT INTO memberships (class_id, person_id, role, joined_at) VALUES (:classId, :personId, :role, :joinedAt)',
    { ...membership },
  );
}

export interface MembershipRow {
  readonly role: ClassRole;
  readonly joinedAt: Date;
  readonly leftAt: Date | null;
  readonly until: Date | null;
}

/** A person's place in a class, whether or not they have left it. */
export async function findMembership(
  database: Database,
  classId: string,
  personId: string,
): Promise<MembershipRow | null> {
  const [row] = await database.rows<MembershipRow>(
    `SELECT role, joined_at AS joinedAt, ${LEFT_AT}, until FROM memberships
     WHERE class_id = :classId AND person_id = :personId FOR UPDATE`,
    { classId, personId },
  );
  return row ?? null;
}

/** Takes a person into a class as a student, for the first time or again. */
export async function joinClass(
  database: Database,
  {
    classId,
    personId,
    groupName,
    at,
  }: {
    readonly classId: string;
    readonly personId: string;
    readonly groupName: string | null;
    readonly at: Date;
  },
): Promise<void> {
  await database.change(
    `INSERT INTO memberships (class_id, person_id, role, joined_at, group_in_class) VALUES (:classId, :personId, 'student', :at, :groupName)
     ON DUPLICATE KEY UPDATE left_at = NULL, until = NULL`,
    { classId, personId, at, groupName },
  );
}

interface Leaving {
  readonly classId: string;
  readonly personId: string;
  readonly at: Date;
}

/** Lets a student leave a class, an editor among them too; how many did. */
export async function leaveClass(database: Database, { classId, personId, at }: Leaving): Promise<number> {
  return database.change(
    `UPDATE memberships SET left_at = :at WHERE class_id = :classId AND person_id = :personId
       AND role IN ${WRITING} AND left_at IS NULL`,
    { classId, personId, at },
  );
}

/** Lets somebody leave a class where they are what is said of them; how many did. */
export async function leaveClassAs(
  database: Database,
  { classId, personId, role, at }: Leaving & { readonly role: ClassRole },
): Promise<number> {
  return database.change(
    `UPDATE memberships SET left_at = :at
     WHERE class_id = :classId AND person_id = :personId AND role = :role AND left_at IS NULL`,
    { classId, personId, role, at },
  );
}

export async function updateRole(
  database: Database,
  {
    classId,
    personId,
    role,
  }: { readonly classId: string; readonly personId: string; readonly role: ClassRole },
): Promise<void> {
  await database.change(
    'UPDATE memberships SET role = :role WHERE class_id = :classId AND person_id = :personId',
    { classId, personId, role },
  );
}

export async function updateGroup(
  database: Database,
  group: { readonly classId: string; readonly personId: string; readonly groupName: string | null },
): Promise<void> {
  await database.change(
    'UPDATE memberships SET group_in_class = :groupName WHERE class_id = :classId AND person_id = :personId',
    group,
  );
}

/** Gives somebody a place in a class, a new one or another than they had. */
export async function setMembership(
  database: Database,
  {
    classId,
    personId,
    role,
    at,
    until = null,
  }: {
    readonly classId: string;
    readonly personId: string;
    readonly role: ClassRole;
    readonly at: Date;
    readonly until?: Date | null;
  },
): Promise<void> {
  await database.change(
    `INSERT INTO memberships (class_id, person_id, role, joined_at, until) VALUES (:classId, :personId, :role, :at, :until)
     ON DUPLICATE KEY UPDATE role = :role, left_at = NULL, until = :until`,
    { classId, personId, role, at, until },
  );
}
