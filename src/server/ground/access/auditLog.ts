import type { Database } from '../database/database';
import { newId } from '../database/newId';
import type { Changed } from './useCase';

export interface AuditLine {
  readonly useCase: string;
  readonly found: {
    readonly classId: string | null;
    readonly subjectId: string | null;
    /** Whose matter it is: the writer's, mostly. */
    readonly subject?: { readonly writerId?: string | null };
  };
  readonly personId: string;
  readonly now: Date;
  readonly changed?: Changed | undefined;
}

/** Writes down who did what to what; never any of its text. */
export async function writeAuditLine(database: Database, line: AuditLine): Promise<void> {
  await database.change(
    `INSERT INTO audit_log (id, class_id, actor_id, use_case, subject_id, about_id, before_value, after_value, at)
     VALUES (:id, :classId, :actor, :useCase, :subjectId, :aboutId, :before, :after, :at)`,
    {
      id: newId(),
      classId: line.found.classId,
      actor: line.personId,
      useCase: line.useCase,
      subjectId: line.found.subjectId,
      aboutId: line.found.subject?.writerId ?? null,
      before: line.changed?.before ?? null,
      after: line.changed?.after ?? null,
      at: line.now,
    },
  );
}

export interface AuditLogRow {
  readonly id: string;
  readonly actorId: string | null;
  readonly useCase: string;
  /** What it was done to. */
  readonly subjectId: string | null;
  /** The title of the assignment or post that it was done to, where there is one. */
  readonly about: string | null;
  /** Whose matter it is: the writer's, mostly. */
  readonly aboutId: string | null;
  /** What it was and what it became: codes and figures, never words. */
  readonly before: string | null;
  readonly after: string | null;
  readonly at: Date;
  /** The name of who did it, whether they belong to the class or not. */
  readonly givenName: string | null;
  readonly familyName: string | null;
  /** Whether who did it runs the install. */
  readonly administrates: number;
}

/**
 * What was done in a class before a moment, the latest first.
 * @param personId only what this person did, or what was done about them; null for everything
 */
export async function listAuditLines(
  database: Database,
  {
    classId,
    before,
    most,
    personId,
  }: {
    readonly classId: string;
    readonly before: Date;
    readonly most: number;
    readonly personId: string | null;
  },
): Promise<readonly AuditLogRow[]> {
  return database.rows<AuditLogRow>(
    `SELECT audit_log.id, actor_id AS actorId, use_case AS useCase, subject_id AS subjectId, audit_log.at,
       COALESCE(assignments.title, of_post.title) AS about, about_id AS aboutId, before_value AS \`before\`,
       after_value AS \`after\`, given_name AS givenName, family_name AS familyName,
       COALESCE(account = 'administrator', FALSE) AS administrates
     FROM audit_log LEFT JOIN people ON people.id = actor_id
     LEFT JOIN assignments ON assignments.id = audit_log.subject_id
     LEFT JOIN posts ON posts.id = audit_log.subject_id
     LEFT JOIN assignments AS of_post ON of_post.id = posts.assignment_id
     WHERE audit_log.class_id = :classId AND audit_log.at < :before AND use_case <> 'addPicture'
       AND (:personId IS NULL OR actor_id = :personId OR about_id = :personId)
     ORDER BY audit_log.at DESC, audit_log.id LIMIT :most`,
    { classId, before, most, personId },
  );
}

/** Who did something to a subject, each with the last time, the latest first. */
export async function listReadersOf(
  database: Database,
  { useCase, subjectId }: { readonly useCase: string; readonly subjectId: string },
): Promise<readonly { readonly givenName: string; readonly familyName: string; readonly at: Date }[]> {
  return database.rows(
    `SELECT given_name AS givenName, family_name AS familyName, MAX(audit_log.at) AS at
     FROM audit_log JOIN people ON people.id = actor_id
     WHERE subject_id = :subjectId AND use_case = :useCase GROUP BY actor_id ORDER BY at DESC`,
    { useCase, subjectId },
  );
}
