import type { StandingCell, Total } from '../../core/gradebook/terms';
import type { GradebookRules } from '../../core/gradebook/rules';
import type { Database } from '../ground/database/database';
import { termColumns } from './columns';

/** A mark that a teacher gave in place of the computed one. */
export interface FinalMarkRow {
  /** The first day of a term, or `year`. */
  readonly term: string;
  readonly personId: string;
  readonly mark: string;
  readonly reason: string;
}

export interface ClosedTermRow {
  /** Its first day. */
  readonly term: string;
  readonly lastDay: string;
  readonly rules: GradebookRules;
  /** The titles of its columns, by id. */
  readonly titles: Readonly<Record<string, string>>;
  readonly unread: number;
  readonly notBack: number;
  /** Why it was closed all the same; null where nothing was left to do. */
  readonly reason: string | null;
  readonly closedById: string;
  readonly closedAt: Date;
}

export interface ClosedMarkRow extends Total {
  readonly term: string;
  readonly personId: string;
  readonly unread: number;
  readonly notBack: number;
}

/** By the first day of each term; what is not named weighs 1. */
export async function listTermWeights(
  database: Database,
  classId: string,
): Promise<ReadonlyMap<string, number>> {
  const rows = await database.rows<{ readonly term: string; readonly weight: string }>(
    `SELECT DATE_FORMAT(term, '%Y-%m-%d') AS term, weight FROM term_weights WHERE class_id = :classId`,
    { classId },
  );
  return new Map(rows.map(({ term, weight }) => [term, Number(weight)]));
}

export async function upsertTermWeights(
  database: Database,
  classId: string,
  weights: readonly { readonly term: string; readonly weight: number }[],
): Promise<void> {
  await database.change(
    `INSERT INTO term_weights (class_id, term, weight)
     SELECT :classId, term, weight FROM JSON_TABLE(:weights, '$[*]' COLUMNS (term DATE PATH '$.term',
       weight DECIMAL(10,3) PATH '$.weight')) AS given ON DUPLICATE KEY UPDATE weight = VALUES(weight)`,
    { classId, weights: JSON.stringify(weights) },
  );
}

/** The marks that teachers gave in a class in place of the computed ones. */
export async function listFinalMarks(database: Database, classId: string): Promise<readonly FinalMarkRow[]> {
  return database.rows<FinalMarkRow>(
    'SELECT term, person_id AS personId, mark, reason FROM final_marks WHERE class_id = :classId',
    { classId },
  );
}

/** The one of a student in a term, if any. */
export async function findFinalMark(
  database: Database,
  of: { readonly classId: string; readonly term: string; readonly personId: string },
): Promise<string | null> {
  const [row] = await database.rows<{ readonly mark: string }>(
    'SELECT mark FROM final_marks WHERE class_id = :classId AND term = :term AND person_id = :personId',
    of,
  );
  return row?.mark ?? null;
}

export async function upsertFinalMark(
  database: Database,
  mark: FinalMarkRow & { readonly classId: string; readonly by: string; readonly at: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO final_marks (class_id, term, person_id, mark, reason, set_by, set_at)
     VALUES (:classId, :term, :personId, :mark, :reason, :by, :at)
     ON DUPLICATE KEY UPDATE mark = :mark, reason = :reason, set_by = :by, set_at = :at`,
    { ...mark },
  );
}

export async function deleteFinalMark(
  database: Database,
  of: { readonly classId: string; readonly term: string; readonly personId: string },
): Promise<void> {
  await database.change(
    'DELETE FROM final_marks WHERE class_id = :classId AND term = :term AND person_id = :personId',
    of,
  );
}

/** The closed terms of a class, the earliest first. */
export async function listClosedTerms(
  database: Database,
  classId: string,
): Promise<readonly ClosedTermRow[]> {
  const rows = await database.rows<
    Omit<ClosedTermRow, 'rules' | 'titles'> & { readonly rules: string; readonly titles: string }
  >(
    `SELECT DATE_FORMAT(term, '%Y-%m-%d') AS term, DATE_FORMAT(last_day, '%Y-%m-%d') AS lastDay, rules, titles, unread,
       not_back AS notBack, reason, closed_by AS closedById, closed_at AS closedAt
     FROM closed_terms WHERE class_id = :classId ORDER BY closed_terms.term`,
    { classId },
  );
  return rows.map((row) => ({
    ...row,
    rules: termColumns.rules(row.rules),
    titles: termColumns.titles(row.titles),
  }));
}

/** The totals of all closed terms of a class. */
export async function listClosedMarks(
  database: Database,
  classId: string,
): Promise<readonly ClosedMarkRow[]> {
  const rows = await database.rows<Omit<ClosedMarkRow, 'overall'> & { readonly overall: string | null }>(
    `SELECT DATE_FORMAT(term, '%Y-%m-%d') AS term, person_id AS personId, overall, letter, unread, not_back AS notBack
     FROM closed_marks WHERE class_id = :classId`,
    { classId },
  );
  return rows.map(({ overall, ...row }) => ({ ...row, overall: overall === null ? null : Number(overall) }));
}

/** What the totals of one closed term were made of, by student. */
export async function listStandingCells(
  database: Database,
  classId: string,
  term: string,
): Promise<ReadonlyMap<string, readonly StandingCell[]>> {
  const rows = await database.rows<{ readonly personId: string; readonly cells: string }>(
    'SELECT person_id AS personId, cells FROM closed_marks WHERE class_id = :classId AND term = :term',
    { classId, term },
  );
  return new Map(rows.map(({ personId, cells }) => [personId, termColumns.cells(cells)]));
}

type KeptMark = Omit<ClosedMarkRow, 'term'> & { readonly cells: readonly StandingCell[] };

/** Keeps a closed term with the totals of its students. The class is held by the caller. */
export async function insertClosedTerm(
  database: Database,
  classId: string,
  { rules, titles, ...term }: ClosedTermRow,
  marks: readonly KeptMark[],
): Promise<void> {
  await database.change(
    `INSERT INTO closed_terms (class_id, term, last_day, rules, titles, unread, not_back, reason, closed_by, closed_at)
     VALUES (:classId, :term, :lastDay, :rules, :titles, :unread, :notBack, :reason, :closedById, :closedAt)`,
    { classId, ...term, rules: JSON.stringify(rules), titles: JSON.stringify(titles) },
  );
  await upsertClosedMarks(database, classId, term.term, marks);
}

/** Keeps the totals of some students in a closed term, in place of those before. */
export async function upsertClosedMarks(
  database: Database,
  classId: string,
  term: string,
  marks: readonly KeptMark[],
): Promise<void> {
  if (marks.length === 0) return;
  await database.change(
    `INSERT INTO closed_marks (class_id, term, person_id, overall, letter, unread, not_back, cells)
     SELECT :classId, :term, personId, overall, letter, unread, notBack, cells FROM JSON_TABLE(:marks, '$[*]' COLUMNS (
       personId VARCHAR(16) PATH '$.personId', overall DECIMAL(16,6) PATH '$.overall', letter VARCHAR(40) PATH '$.letter',
       unread INT PATH '$.unread', notBack INT PATH '$.notBack', cells MEDIUMTEXT PATH '$.cells')) AS kept
     ON DUPLICATE KEY UPDATE overall = VALUES(overall), letter = VALUES(letter), unread = VALUES(unread),
       not_back = VALUES(not_back), cells = VALUES(cells)`,
    {
      classId,
      term,
      marks: JSON.stringify(marks.map((mark) => ({ ...mark, cells: JSON.stringify(mark.cells) }))),
    },
  );
}

/** Lets figures of new columns be called by their names in a closed term. */
export async function updateTitles(
  database: Database,
  classId: string,
  term: string,
  titles: Readonly<Record<string, string>>,
): Promise<void> {
  await database.change(
    'UPDATE closed_terms SET titles = :titles WHERE class_id = :classId AND term = :term',
    { classId, term, titles: JSON.stringify(titles) },
  );
}

/** Opens a closed term again; how many were, 0 or 1. */
export async function deleteClosedTerm(database: Database, classId: string, term: string): Promise<number> {
  return database.change('DELETE FROM closed_terms WHERE class_id = :classId AND term = :term', {
    classId,
    term,
  });
}

/** Has weights and marks follow terms that begin on another day now. */
export async function moveTerms(
  database: Database,
  classId: string,
  moved: readonly { readonly was: string; readonly is: string }[],
): Promise<void> {
  // A term that takes another one's place is put aside first, since both are named by their days.
  for (const [at, { was }] of moved.entries()) await renameTerm(database, classId, was, asideOf(at));
  for (const [at, { is }] of moved.entries()) await renameTerm(database, classId, asideOf(at), is);
}

/** A day on which no term of a school begins. */
function asideOf(at: number): string {
  return `1000-01-${String(at + 1).padStart(2, '0')}`;
}

async function renameTerm(database: Database, classId: string, was: string, is: string): Promise<void> {
  for (const table of ['term_weights', 'final_marks', 'marks_taken'])
    await database.change(`UPDATE IGNORE ${table} SET term = :is WHERE class_id = :classId AND term = :was`, {
      classId,
      was,
      is,
    });
}
