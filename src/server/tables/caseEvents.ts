import type { CaseEvent } from '../../core/safety/case';
import type { Database } from '../ground/database/database';

export interface CaseEventRow {
  readonly caseId: string;
  readonly personId: string | null;
  readonly personName: string;
  readonly what: CaseEvent;
  /** What was done, in the words of who did it; null for what its kind says. */
  readonly words: string | null;
  readonly at: Date;
}

export async function insertCaseEvent(database: Database, event: CaseEventRow): Promise<void> {
  await database.change(
    `INSERT INTO case_events (case_id, person_id, person_name, what, words, at)
     VALUES (:caseId, :personId, :personName, :what, :words, :at)`,
    { ...event },
  );
}

/** The log of a case, oldest first. */
export async function listCaseEvents(database: Database, caseId: string): Promise<readonly CaseEventRow[]> {
  return database.rows<CaseEventRow>(
    `SELECT case_id AS caseId, person_id AS personId, person_name AS personName, what, words, at FROM case_events
     WHERE case_id = :caseId ORDER BY at, id LIMIT 1000`,
    { caseId },
  );
}
