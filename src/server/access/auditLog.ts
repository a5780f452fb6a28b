import type { Database } from '../database/database';
import { newId } from '../database/newId';

export interface AuditLine {
  readonly useCase: string;
  readonly found: { readonly classId: string; readonly subjectId: string | null };
  readonly personId: string;
  readonly now: Date;
}

/** Writes down who did what to what; never any of its text. */
export async function writeAuditLine(database: Database, line: AuditLine): Promise<void> {
  await database.change(
    `INSERT INTO audit_log (id, class_id, actor_id, use_case, subject_id, at)
     VALUES (:id, :classId, :actor, :useCase, :subjectId, :at)`,
    {
      id: newId(),
      classId: line.found.classId,
      actor: line.personId,
      useCase: line.useCase,
      subjectId: line.found.subjectId,
      at: line.now,
    },
  );
}
