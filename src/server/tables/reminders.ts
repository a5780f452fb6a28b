import type { Database } from '../ground/database/database';
import { idsFrom } from './idsFrom';

export interface ReminderRow {
  readonly assignmentId: string;
  readonly personId: string;
  readonly words: string;
  readonly at: Date;
}

/** Keeps what some students were reminded of last. */
export async function upsertReminders(
  database: Database,
  {
    personIds,
    ...reminder
  }: Omit<ReminderRow, 'personId'> & { readonly personIds: readonly string[]; readonly by: string },
): Promise<void> {
  await database.change(
    `INSERT INTO reminders (assignment_id, person_id, words, reminded_by, at)
     SELECT :assignmentId, id, :words, :by, :at
     FROM ${idsFrom(':ids')} AS asked
     ON DUPLICATE KEY UPDATE words = :words, reminded_by = :by, at = :at`,
    { ...reminder, ids: JSON.stringify(personIds) },
  );
}

/** The last reminders for an assignment, or of a person in a class. */
export async function listReminders(
  database: Database,
  which: { readonly assignmentId: string } | { readonly classId: string; readonly personId: string },
): Promise<readonly ReminderRow[]> {
  const where =
    'assignmentId' in which
      ? 'assignment_id = :assignmentId'
      : 'class_id = :classId AND person_id = :personId';
  return database.rows(
    `SELECT assignment_id AS assignmentId, person_id AS personId, words, at
     FROM reminders JOIN assignments ON assignments.id = assignment_id WHERE ${where}`,
    { ...which },
  );
}
