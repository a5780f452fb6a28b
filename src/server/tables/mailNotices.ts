import type { HouseLanguage } from '../../core/languages/languages';
import type { MailChoice, NoticeKind } from '../../core/people/notices';
import { isHeld, TEACHING } from '../ground/access/roles';
import type { Database } from '../ground/database/database';
import { idsFrom } from './idsFrom';

/** Somebody who can be written to, and how soon they want it. */
export interface ReachedRow {
  readonly personId: string;
  readonly givenName: string;
  readonly email: string;
  readonly language: HouseLanguage | null;
  readonly choice: MailChoice;
}

const REACHED = `people.id AS personId, given_name AS givenName, email, language, mail_choice AS choice`;

/** Those of some people who have an address and did not choose never to be written to. */
export async function listReached(
  database: Database,
  personIds: readonly string[],
): Promise<readonly ReachedRow[]> {
  return database.rows<ReachedRow>(
    `SELECT ${REACHED} FROM people JOIN ${idsFrom(':ids')} AS asked ON asked.id = people.id
     WHERE email IS NOT NULL AND deleted_at IS NULL AND mail_choice <> 'never'`,
    { ids: JSON.stringify(personIds) },
  );
}

/** Who teaches a class now. */
export async function listTeaching(database: Database, classId: string): Promise<readonly string[]> {
  const rows = await database.rows<{ readonly personId: string }>(
    `SELECT person_id AS personId FROM memberships WHERE class_id = :classId AND role IN ${TEACHING} AND ${isHeld()}`,
    { classId },
  );
  return rows.map((row) => row.personId);
}

/** A line of what is written once a day; the same about the same stands once. */
export async function insertNotice(
  database: Database,
  notice: { readonly personId: string; readonly kind: NoticeKind; readonly path: string; readonly at: Date },
): Promise<void> {
  await database.change(
    'INSERT IGNORE INTO mail_notices (person_id, kind, path, at) VALUES (:personId, :kind, :path, :at)',
    notice,
  );
}

export interface NoticeRow {
  readonly id: number;
  readonly kind: NoticeKind;
  readonly path: string;
}

/** Somebody to whom something is to be written today; null where there is nobody left. */
export async function findToWriteTo(database: Database): Promise<string | null> {
  const [row] = await database.rows<{ readonly personId: string }>(
    'SELECT person_id AS personId FROM mail_notices ORDER BY id LIMIT 1',
  );
  return row?.personId ?? null;
}

/** The lines for one person, oldest first, held until the transaction ends. */
export async function lockNotices(database: Database, personId: string): Promise<readonly NoticeRow[]> {
  return database.rows<NoticeRow>(
    'SELECT id, kind, path FROM mail_notices WHERE person_id = :personId ORDER BY id LIMIT 500 FOR UPDATE',
    { personId },
  );
}

export async function deleteNotices(database: Database, personId: string, upTo: number): Promise<void> {
  await database.change('DELETE FROM mail_notices WHERE person_id = :personId AND id <= :upTo', {
    personId,
    upTo,
  });
}

export async function findMailChoice(database: Database, personId: string): Promise<MailChoice> {
  const [row] = await database.rows<{ readonly choice: MailChoice }>(
    'SELECT mail_choice AS choice FROM people WHERE id = :personId',
    { personId },
  );
  return row?.choice ?? 'daily';
}

export async function updateMailChoice(
  database: Database,
  personId: string,
  choice: MailChoice,
): Promise<void> {
  await database.change('UPDATE people SET mail_choice = :choice WHERE id = :personId', { personId, choice });
}
