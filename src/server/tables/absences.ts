import type { Absence } from '../../core/classes/absences';
import type { Database } from '../ground/database/database';
import { isHeld } from '../ground/access/roles';
import { BATCH } from './retention';

export interface AbsenceRow extends Absence {
  readonly id: string;
  readonly personId: string;
}

const COLUMNS = `absences.id, absences.person_id AS personId, DATE_FORMAT(from_day, '%Y-%m-%d') AS \`from\`,
  DATE_FORMAT(to_day, '%Y-%m-%d') AS \`to\``;

/** When one person is away, the first days first. */
export async function listAbsences(database: Database, personId: string): Promise<readonly AbsenceRow[]> {
  return database.rows(
    `SELECT ${COLUMNS} FROM absences WHERE person_id = :personId ORDER BY from_day, to_day`,
    { personId },
  );
}

/** The same of everybody who is or was in a class, or of one of them. */
export async function listAbsencesIn(
  database: Database,
  { classId, personId = null }: { readonly classId: string; readonly personId?: string | null },
): Promise<readonly AbsenceRow[]> {
  if (personId !== null) return listAbsences(database, personId);
  return database.rows(
    `SELECT ${COLUMNS} FROM absences JOIN memberships ON memberships.person_id = absences.person_id
     WHERE class_id = :classId ORDER BY from_day, to_day`,
    { classId },
  );
}

/** Who of a class is away on a day, with the last day of it. */
export async function listAwayOn(
  database: Database,
  classId: string,
  day: string,
): Promise<ReadonlyMap<string, string>> {
  const rows = await database.rows<{ readonly personId: string; readonly to: string }>(
    `SELECT absences.person_id AS personId, DATE_FORMAT(MAX(to_day), '%Y-%m-%d') AS \`to\`
     FROM absences JOIN memberships ON memberships.person_id = absences.person_id
     WHERE class_id = :classId AND ${isHeld()} AND :day BETWEEN from_day AND to_day
     GROUP BY absences.person_id`,
    { classId, day },
  );
  return new Map(rows.map(({ personId, to }) => [personId, to]));
}

/** Notes an absence; the same days twice are one. */
export async function insertAbsence(
  database: Database,
  absence: AbsenceRow & { readonly by: string; readonly at: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO absences (id, person_id, from_day, to_day, made_by, made_at)
     VALUES (:id, :personId, :from, :to, :by, :at)
     ON DUPLICATE KEY UPDATE to_day = to_day`,
    { ...absence },
  );
}

export async function deleteAbsence(
  database: Database,
  { id, personId }: Pick<AbsenceRow, 'id' | 'personId'>,
): Promise<void> {
  await database.change('DELETE FROM absences WHERE id = :id AND person_id = :personId', { id, personId });
}

export async function countAbsences(database: Database, personId: string): Promise<number> {
  const [row] = await database.rows<{ readonly count: number }>(
    'SELECT COUNT(*) AS count FROM absences WHERE person_id = :personId',
    { personId },
  );
  return row?.count ?? 0;
}

/** Lets absences go that were over before a moment. */
export async function deleteOldAbsences(database: Database, before: Date): Promise<number> {
  return database.change('DELETE FROM absences WHERE to_day < DATE(:before) LIMIT :most', {
    before,
    most: BATCH,
  });
}
