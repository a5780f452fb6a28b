import type { Database } from '../ground/database/database';
import { idsFrom } from './idsFrom';

/** A column of a gradebook that no post stands behind. */
export interface OwnColumnRow {
  readonly id: string;
  readonly classId: string;
  readonly categoryId: string | null;
  readonly title: string;
  readonly possible: number;
  /** `2026-11-19`; null where it is of no day. */
  readonly day: string | null;
}

/** Of whom in which column. */
export interface CellKey {
  readonly columnId: string;
  readonly personId: string;
}

/** What a teacher typed into a cell, and who did. */
export interface OwnFigureRow extends CellKey {
  readonly figure: number | null;
  readonly typedById: string;
  readonly typedAt: Date;
  /** As the student was told it last; null where they were not. */
  readonly back: number | null;
}

type StoredColumn = Omit<OwnColumnRow, 'possible'> & { readonly possible: string };
type StoredFigure = Omit<OwnFigureRow, 'figure' | 'back'> & {
  readonly figure: string | null;
  readonly back: string | null;
};

const FIGURE =
  'column_id AS columnId, person_id AS personId, figure, back, typed_by AS typedById, typed_at AS typedAt';

/** The own columns of a class, in the order in which they were made. */
export async function listOwnColumns(database: Database, classId: string): Promise<readonly OwnColumnRow[]> {
  const rows = await database.rows<StoredColumn>(
    `SELECT id, class_id AS classId, category_id AS categoryId, title, possible, DATE_FORMAT(day, '%Y-%m-%d') AS day
     FROM own_columns WHERE class_id = :classId ORDER BY made_at, id`,
    { classId },
  );
  return rows.map((row) => ({ ...row, possible: Number(row.possible) }));
}

/** All that was typed into the own columns of a class. */
export async function listOwnFigures(database: Database, classId: string): Promise<readonly OwnFigureRow[]> {
  const rows = await database.rows<StoredFigure>(
    `SELECT ${FIGURE} FROM own_figures JOIN own_columns ON own_columns.id = column_id WHERE class_id = :classId`,
    { classId },
  );
  return rows.map(figureFrom);
}

/** What stands in some cells now; those that were never typed in are not named. */
export async function listFiguresIn(
  database: Database,
  cells: readonly CellKey[],
): Promise<readonly OwnFigureRow[]> {
  const rows = await database.rows<StoredFigure>(
    `SELECT ${FIGURE}
     FROM JSON_TABLE(:cells, '$[*]' COLUMNS (columnId VARCHAR(16) PATH '$.columnId', personId VARCHAR(16) PATH '$.personId'))
       AS asked JOIN own_figures ON column_id = asked.columnId AND person_id = asked.personId`,
    { cells: JSON.stringify(cells) },
  );
  return rows.map(figureFrom);
}

export async function insertOwnColumn(
  database: Database,
  column: OwnColumnRow & { readonly by: string; readonly at: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO own_columns (id, class_id, category_id, title, possible, day, made_by, made_at)
     VALUES (:id, :classId, :categoryId, :title, :possible, :day, :by, :at)`,
    { ...column },
  );
}

/** Changes what a column is called and counts; how many did, 0 or 1. */
export async function updateOwnColumn(
  database: Database,
  column: Omit<OwnColumnRow, 'categoryId'>,
): Promise<number> {
  return database.change(
    'UPDATE own_columns SET title = :title, possible = :possible, day = :day WHERE id = :id AND class_id = :classId',
    { ...column },
  );
}

/** Takes a column away with all that stands in it; how many went, 0 or 1. */
export async function deleteOwnColumn(database: Database, classId: string, id: string): Promise<number> {
  return database.change('DELETE FROM own_columns WHERE id = :id AND class_id = :classId', { id, classId });
}

/** Types figures into cells. The class is held by the caller, and the columns are its own. */
export async function upsertOwnFigures(
  database: Database,
  figures: readonly (CellKey & { readonly figure: number | null })[],
  typed: { readonly by: string; readonly at: Date },
): Promise<void> {
  if (figures.length === 0) return;
  await database.change(
    `INSERT INTO own_figures (column_id, person_id, figure, typed_by, typed_at)
     SELECT columnId, personId, figure, :by, :at FROM JSON_TABLE(:figures, '$[*]' COLUMNS (
       columnId VARCHAR(16) PATH '$.columnId', personId VARCHAR(16) PATH '$.personId',
       figure DECIMAL(10,3) PATH '$.figure')) AS typed
     ON DUPLICATE KEY UPDATE figure = VALUES(figure), typed_by = :by, typed_at = :at`,
    { figures: JSON.stringify(figures), ...typed },
  );
}

function figureFrom({ figure, back, ...row }: StoredFigure): OwnFigureRow {
  return { ...row, figure: numberIn(figure), back: numberIn(back) };
}

function numberIn(stored: string | null): number | null {
  return stored === null ? null : Number(stored);
}

/** Gives figures of a column back as they stand. The class is held by the caller. */
export async function giveBackFigures(
  database: Database,
  columnId: string,
  given: { readonly personIds: readonly string[]; readonly reason: string; readonly at: Date },
): Promise<void> {
  if (given.personIds.length === 0) return;
  // Assignments are made from left to right: what was told before is kept before it is told anew.
  await database.change(
    `UPDATE own_figures SET back_before = back, back_reason = IF(back IS NULL, NULL, :reason), back = figure, back_at = :at
     WHERE column_id = :columnId AND person_id IN
       (SELECT id FROM ${idsFrom(':people')} AS asked)`,
    { columnId, people: JSON.stringify(given.personIds), reason: given.reason, at: given.at },
  );
}

/** A figure as its student was told it. */
export interface ToldFigureRow {
  readonly personId: string;
  readonly column: OwnColumnRow;
  readonly figure: number;
  readonly at: Date;
  /** What they had been told before, where that was another one. */
  readonly before: number | null;
  readonly reason: string | null;
}

/** What some students were told of the own columns of a class. */
export async function listToldFigures(
  database: Database,
  classId: string,
  personIds: readonly string[],
): Promise<readonly ToldFigureRow[]> {
  const rows = await database.rows<
    StoredColumn & {
      readonly personId: string;
      readonly back: string;
      readonly at: Date;
      readonly before: string | null;
      readonly reason: string | null;
    }
  >(
    `SELECT own_columns.id, class_id AS classId, category_id AS categoryId, title, possible, DATE_FORMAT(day, '%Y-%m-%d') AS day,
       person_id AS personId, back, back_at AS at, back_before AS \`before\`, back_reason AS reason
     FROM ${idsFrom(':ids')} AS asked JOIN own_figures ON person_id = asked.id
     JOIN own_columns ON own_columns.id = column_id
     WHERE class_id = :classId AND back IS NOT NULL ORDER BY made_at, own_columns.id`,
    { classId, ids: JSON.stringify(personIds) },
  );
  return rows.map(({ personId, back, at, before, reason, possible, ...column }) => ({
    personId,
    column: { ...column, possible: Number(possible) },
    ...{ figure: Number(back), at, before: numberIn(before), reason },
  }));
}
