import type { Audience } from '../../core/access/audience';
import type { ClassRole } from '../../core/access/may';
import type { NamingRule } from '../../core/people/names';
import type { Database } from '../database/database';

export interface ClassRow {
  readonly id: string;
  readonly address: string;
  readonly title: string;
  readonly groupName: string;
  readonly subtitle: string;
  readonly schoolName: string;
  readonly code: string;
  readonly timeZone: string;
  readonly language: string;
  readonly ceiling: Audience;
  readonly namingRule: NamingRule;
}

export interface MemberRow {
  readonly personId: string;
  readonly role: ClassRole;
  readonly givenName: string;
  readonly familyName: string;
  readonly penName: string | null;
}

const CLASS_COLUMNS = `id, address, title, group_name AS groupName, subtitle, school_name AS schoolName, code,
  time_zone AS timeZone, language, ceiling, naming_rule AS namingRule`;

export async function findClass(database: Database, id: string): Promise<ClassRow | null> {
  const [row] = await database.rows<ClassRow>(`SELECT ${CLASS_COLUMNS} FROM classes WHERE id = :id`, { id });
  return row ?? null;
}

export async function findClassByAddress(database: Database, address: string): Promise<ClassRow | null> {
  const [row] = await database.rows<ClassRow>(
    `SELECT ${CLASS_COLUMNS} FROM classes WHERE address = :address`,
    {
      address,
    },
  );
  return row ?? null;
}

export async function findClassByCode(database: Database, code: string): Promise<ClassRow | null> {
  const [row] = await database.rows<ClassRow>(`SELECT ${CLASS_COLUMNS} FROM classes WHERE code = :code`, {
    code,
  });
  return row ?? null;
}

/** A person's classes with the role in each, by title. */
export async function listClassesOf(
  database: Database,
  personId: string,
): Promise<readonly (ClassRow & { readonly role: ClassRole })[]> {
  return database.rows(
    `SELECT ${CLASS_COLUMNS}, memberships.role FROM classes
     JOIN memberships ON memberships.class_id = classes.id AND memberships.person_id = :personId
     ORDER BY title`,
    { personId },
  );
}

/** The people of a class: the teacher who runs it first, then by given name. */
export async function listMembers(database: Database, classId: string): Promise<readonly MemberRow[]> {
  return database.rows<MemberRow>(
    `SELECT people.id AS personId, role, given_name AS givenName, family_name AS familyName, pen_name AS penName
     FROM memberships JOIN people ON people.id = memberships.person_id
     WHERE class_id = :classId ORDER BY role <> 'teacher', given_name, family_name`,
    { classId },
  );
}

export async function listLabels(database: Database, classId: string): Promise<readonly string[]> {
  const rows = await database.rows<{ label: string }>(
    'SELECT label FROM class_labels WHERE class_id = :classId ORDER BY label',
    { classId },
  );
  return rows.map((row) => row.label);
}

export async function insertClass(
  database: Database,
  row: ClassRow & { readonly createdAt: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO classes (id, address, title, group_name, subtitle, school_name, code, time_zone, language, ceiling, naming_rule, created_at)
     VALUES (:id, :address, :title, :groupName, :subtitle, :schoolName, :code, :timeZone, :language, :ceiling, :namingRule, :createdAt)`,
    { ...row },
  );
}

export async function insertLabels(
  database: Database,
  classId: string,
  labels: readonly string[],
): Promise<void> {
  for (const label of labels)
    await database.change('INSERT INTO class_labels (class_id, label) VALUES (:classId, :label)', {
      classId,
      label,
    });
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
