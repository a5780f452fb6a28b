import type { Database } from '../../ground/database/database';

/** The classes that somebody is or was in, whose turns are taken for what narrows or widens in all of them. */
export async function turnsOfPerson(
  { personId }: { readonly personId: string },
  database: Database,
): Promise<readonly string[]> {
  const rows = await database.rows<{ classId: string }>(
    'SELECT class_id AS classId FROM memberships WHERE person_id = :personId',
    { personId },
  );
  return rows.map((row) => row.classId);
}
