import type { MarksSetup } from '../../core/gradebook/marksFile';
import type { Database } from '../ground/database/database';
import { marksColumns } from './columns';

/** The set-up of a class's file of marks or, where it has none, the one that a teacher kept last in another class of theirs. */
export async function findMarksSetup(
  database: Database,
  classId: string,
  teacherId: string,
): Promise<MarksSetup | null> {
  const [row] = await database.rows<{ readonly setup: string }>(
    `SELECT setup FROM marks_setups WHERE class_id = :classId OR kept_by = :teacherId
     ORDER BY class_id = :classId DESC, kept_at DESC LIMIT 1`,
    { classId, teacherId },
  );
  return row ? marksColumns.setup(row.setup) : null;
}

export async function upsertMarksSetup(
  database: Database,
  kept: { readonly classId: string; readonly setup: MarksSetup; readonly by: string; readonly at: Date },
): Promise<void> {
  await database.change(
    `INSERT INTO marks_setups (class_id, setup, kept_by, kept_at) VALUES (:classId, :setup, :by, :at)
     ON DUPLICATE KEY UPDATE setup = :setup, kept_by = :by, kept_at = :at`,
    { ...kept, setup: JSON.stringify(kept.setup) },
  );
}

/** The marks of a term as they were taken along last. */
export interface MarksTakenRow {
  readonly marks: Readonly<Record<string, string | null>>;
  readonly by: string;
  readonly at: Date;
}

export async function findMarksTaken(
  database: Database,
  classId: string,
  term: string,
): Promise<MarksTakenRow | null> {
  const [row] = await database.rows<Omit<MarksTakenRow, 'marks'> & { readonly marks: string }>(
    'SELECT marks, taken_by AS `by`, taken_at AS at FROM marks_taken WHERE class_id = :classId AND term = :term',
    { classId, term },
  );
  return row ? { ...row, marks: marksColumns.marks(row.marks) } : null;
}

export async function upsertMarksTaken(
  database: Database,
  taken: MarksTakenRow & { readonly classId: string; readonly term: string },
): Promise<void> {
  await database.change(
    `INSERT INTO marks_taken (class_id, term, marks, taken_by, taken_at) VALUES (:classId, :term, :marks, :by, :at)
     ON DUPLICATE KEY UPDATE marks = :marks, taken_by = :by, taken_at = :at`,
    { ...taken, marks: JSON.stringify(taken.marks) },
  );
}
