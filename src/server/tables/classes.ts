import type { Audience } from '../../core/access/audience';
import type { ClassRole } from '../../core/access/may';
import type { SchoolYear } from '../../core/classes/schoolYear';
import type { Look } from '../../core/looks/looks';
import type { NamingRule } from '../../core/people/names';
import type { PasscodeKind } from '../../core/people/passcode';
import { FIRST_COMMENT_RULES, type CommentRules } from '../../core/comments/rules';
import { FIRST_AWAY_RULE, type AwayRule } from '../../core/classes/absences';
import { FIRST_DESK_RULES, type DeskRules } from '../../core/classes/deskRules';
import { isHeld, TEACHING } from '../ground/access/roles';
import type { Database } from '../ground/database/database';
import { classColumns, textsFrom, titlesFrom } from './columns';
import { SHOWN_TITLES, type ShownTitle } from './pageRevisions';
import { insertAddress } from './classAddresses';

export interface ClassRow extends Look {
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
  /** What new sign-in cards carry. */
  readonly passcodeKind: PasscodeKind;
  /** Whether names are typed at the sign-in instead of chosen from a list. */
  readonly namesTyped: boolean;
  readonly year: SchoolYear;
  /** Whether student editors read what was handed in. */
  readonly editorsRead: boolean;
  /** Whether public posts may be found by search engines. */
  readonly searchEngines: boolean;
  /** Whether writing goes beyond the class only with consent. */
  readonly consentNeeded: boolean;
  /** Teachers may open where a text came from that was begun since then; null where they may not. */
  readonly originSince: Date | null;
  /** When its teacher had gone through the set-up; null before. */
  readonly settledAt: Date | null;
  /** Since when the class is read only. */
  readonly restedAt: Date | null;
  /** When its archive was last taken. */
  readonly archivedAt: Date | null;
  /** Spellings that the class allows beside the dictionary. */
  readonly words: readonly string[];
  readonly desk: DeskRules;
  /** Which comments wait until somebody has read them. */
  readonly comments: CommentRules;
  /** What becomes of dates on which a student is away. */
  readonly away: AwayRule;
  /** Another one after each change of what readers see of its posts, never the same again. */
  readonly shownVersion: string;
  /** Stands before each of its words in the search; no other class ever had it. */
  readonly number: number;
}

/** Whether a class rests and its archive was taken since: nothing was written that the archive does not have. */
export function isArchivedAtRest({ restedAt, archivedAt }: ClassRow): boolean {
  return restedAt !== null && archivedAt !== null && archivedAt >= restedAt;
}

/** What a new class is made of; the rest comes later. */
export type NewClassRow = Omit<
  ClassRow,
  | 'year'
  | 'editorsRead'
  | 'searchEngines'
  | 'originSince'
  | 'restedAt'
  | 'archivedAt'
  | 'words'
  | 'desk'
  | 'away'
  | 'comments'
  | 'shownVersion'
  | 'number'
  | keyof Look
> & {
  readonly createdAt: Date;
};

const CLASS_COLUMNS = `id, address, title, group_name AS groupName, subtitle, school_name AS schoolName, code,
  time_zone AS timeZone, language, ceiling, naming_rule AS namingRule, passcode_kind AS passcodeKind,
  names_typed AS namesTyped, terms, holidays, school_days AS schoolDays, editors_read AS editorsRead,
  search_engines AS searchEngines, settled_at AS settledAt, rested_at AS restedAt,
  consent_needed AS consentNeeded, origin_since AS originSince, look, banner, lettering,
  archived_at AS archivedAt, words, desk, away, comment_rules AS comments, shown_version AS shownVersion, number`;

export async function findClass(database: Database, id: string): Promise<ClassRow | null> {
  const [row] = await database.rows<StoredClass>(`SELECT ${CLASS_COLUMNS} FROM classes WHERE id = :id`, {
    id,
  });
  return row ? classFromStored(row) : null;
}

/** Every class, those that are to be deleted too. */
export async function listClassIds(database: Database): Promise<readonly string[]> {
  return (await database.rows<{ readonly id: string }>('SELECT id FROM classes ORDER BY id')).map(
    ({ id }) => id,
  );
}

/** Where a class is. */
export async function findTimeZone(database: Database, id: string): Promise<string> {
  const [row] = await database.rows<{ readonly timeZone: string }>(
    'SELECT time_zone AS timeZone FROM classes WHERE id = :id',
    { id },
  );
  return row?.timeZone ?? 'UTC';
}

/** The class that has an address or once had it. */
export async function findClassByAddress(database: Database, address: string): Promise<ClassRow | null> {
  const [row] = await database.rows<StoredClass>(
    `SELECT ${CLASS_COLUMNS} FROM classes
     WHERE deleted_at IS NULL
       AND id = (SELECT class_id FROM class_addresses WHERE class_addresses.address = :address)`,
    { address },
  );
  return row ? classFromStored(row) : null;
}

/** The same with the pages of its blog that some readers see, in their order, and whether it has a passphrase. */
export async function findBlogByAddress(
  database: Database,
  address: string,
): Promise<(ClassRow & { readonly pages: readonly ShownTitle[]; readonly hasPassphrase: boolean }) | null> {
  const [row] = await database.rows<
    StoredClass & { readonly pages: string | null; readonly hasPassphrase: number }
  >(
    `SELECT ${CLASS_COLUMNS}, passphrase_hash IS NOT NULL AS hasPassphrase, ${SHOWN_TITLES} AS pages FROM classes
     WHERE deleted_at IS NULL
       AND id = (SELECT class_id FROM class_addresses WHERE class_addresses.address = :address)`,
    { address },
  );
  if (!row) return null;
  const { pages, hasPassphrase, ...stored } = row;
  return {
    ...classFromStored(stored),
    pages: pages === null ? [] : titlesFrom(pages),
    hasPassphrase: hasPassphrase === 1,
  };
}

export async function findClassByCode(database: Database, code: string): Promise<ClassRow | null> {
  const [row] = await database.rows<StoredClass>(
    `SELECT ${CLASS_COLUMNS} FROM classes WHERE code = :code AND deleted_at IS NULL`,
    { code },
  );
  return row ? classFromStored(row) : null;
}

/** Whether a class has a code, one that is to be deleted too. */
export async function isCodeTaken(database: Database, code: string): Promise<boolean> {
  const rows = await database.rows<object>('SELECT 1 FROM classes WHERE code = :code', { code });
  return rows.length > 0;
}

/** A person's classes with the role in each, by title. */
export async function listClassesOf(
  database: Database,
  personId: string,
): Promise<readonly (ClassRow & { readonly role: ClassRole })[]> {
  const rows = await database.rows<StoredClass & { readonly role: ClassRole }>(
    `SELECT ${CLASS_COLUMNS}, memberships.role FROM classes
     JOIN memberships ON memberships.class_id = classes.id AND memberships.person_id = :personId
      AND ${isHeld()}
     WHERE deleted_at IS NULL ORDER BY title`,
    { personId },
  );
  return rows.map(({ role, ...row }) => ({ ...classFromStored(row), role }));
}

/** Truth values arrive as numbers, lists as JSON. */
type StoredClass = Omit<
  ClassRow,
  | 'namesTyped'
  | 'year'
  | 'editorsRead'
  | 'searchEngines'
  | 'consentNeeded'
  | 'words'
  | 'desk'
  | 'away'
  | 'comments'
> & {
  readonly namesTyped: number;
  readonly editorsRead: number;
  readonly searchEngines: number;
  readonly consentNeeded: number;
  readonly words: string;
  readonly desk: string;
  readonly away: string;
  readonly comments: string;
  readonly terms: string;
  readonly holidays: string;
  readonly schoolDays: string;
};

function classFromStored({ terms, holidays, schoolDays, ...row }: StoredClass): ClassRow {
  return {
    ...row,
    words: textsFrom(row.words),
    comments: { ...FIRST_COMMENT_RULES, ...classColumns.comments(row.comments) },
    away: { ...FIRST_AWAY_RULE, ...classColumns.away(row.away) },
    desk: { ...FIRST_DESK_RULES, ...classColumns.desk(row.desk) },
    namesTyped: row.namesTyped === 1,
    editorsRead: row.editorsRead === 1,
    searchEngines: row.searchEngines === 1,
    consentNeeded: row.consentNeeded === 1,
    year: {
      terms: classColumns.terms(terms),
      holidays: classColumns.holidays(holidays),
      schoolDays: classColumns.schoolDays(schoolDays),
    },
  };
}

export async function insertClass(database: Database, row: NewClassRow): Promise<void> {
  await database.change(
    `INSERT INTO classes (id, address, title, group_name, subtitle, school_name, code, time_zone, language, ceiling, naming_rule,
       passcode_kind, names_typed, consent_needed, settled_at, created_at)
     VALUES (:id, :address, :title, :groupName, :subtitle, :schoolName, :code, :timeZone, :language, :ceiling, :namingRule,
       :passcodeKind, :namesTyped, :consentNeeded, :settledAt, :createdAt)`,
    { ...row },
  );
  await database.change('INSERT INTO class_gates (class_id) VALUES (:id)', { id: row.id });
  await insertAddress(database, { classId: row.id, address: row.address, since: row.createdAt });
}

/** The classes that a person is or was in. */
export async function listClassesEverOf(database: Database, personId: string): Promise<readonly ClassRow[]> {
  const rows = await database.rows<StoredClass>(
    `SELECT ${CLASS_COLUMNS} FROM classes
     WHERE id IN (SELECT class_id FROM memberships WHERE person_id = :personId) ORDER BY title`,
    { personId },
  );
  return rows.map(classFromStored);
}

/** A class and all others that one of its teachers teaches too. */
export async function listTaughtAlong(database: Database, classId: string): Promise<readonly string[]> {
  const rows = await database.rows<{ readonly id: string }>(
    `SELECT classes.id FROM classes WHERE deleted_at IS NULL AND (id = :classId OR id IN
       (SELECT along.class_id FROM memberships JOIN memberships AS along ON along.person_id = memberships.person_id
        WHERE memberships.class_id = :classId AND memberships.role IN ${TEACHING} AND ${isHeld()}
          AND along.role IN ${TEACHING} AND ${isHeld('along')}))`,
    { classId },
  );
  return rows.map(({ id }) => id);
}
