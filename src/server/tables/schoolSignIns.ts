import type { Database } from '../ground/database/database';

/** Who comes with a subject of the school's sign-in: linked to it before, or carrying it as the school's identifier. */
export async function findPersonIdBySchool(database: Database, subject: string): Promise<string | null> {
  const [row] = await database.rows<{ id: string }>(
    `SELECT id FROM people WHERE (school_subject = :subject OR school_id = :subject) AND deleted_at IS NULL
     ORDER BY school_subject = :subject DESC LIMIT 1`,
    { subject },
  );
  return row?.id ?? null;
}

export async function updateSchoolSubject(database: Database, id: string, subject: string): Promise<void> {
  await database.change('UPDATE people SET school_subject = :subject WHERE id = :id', { id, subject });
}
