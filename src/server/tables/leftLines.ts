import type { Database } from '../ground/database/database';

/** What a teacher of a class leaves to the others. */
export interface LeftLineRow {
  readonly personId: string;
  readonly words: string;
  readonly version: number;
  readonly at: Date;
}

/** The lines of a class, the latest first; empty ones are among them, with their version. */
export async function listLeftLines(database: Database, classId: string): Promise<readonly LeftLineRow[]> {
  return database.rows(
    'SELECT person_id AS personId, words, version, at FROM left_lines WHERE class_id = :classId ORDER BY at DESC',
    { classId },
  );
}

interface LineToKeep {
  readonly classId: string;
  readonly personId: string;
  readonly words: string;
  readonly at: Date;
}

/** Keeps somebody's line, whatever stood there before; its new version. */
export async function keepLeftLine(database: Database, line: LineToKeep): Promise<number> {
  const [row] = await database.rows<{ version: number }>(
    `INSERT INTO left_lines (class_id, person_id, words, version, at) VALUES (:classId, :personId, :words, 1, :at)
     ON DUPLICATE KEY UPDATE words = :words, version = version + 1, at = :at RETURNING version`,
    { ...line },
  );
  return row?.version ?? 1;
}
