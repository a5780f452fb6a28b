import type { Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { insertPage, listPages, listStudentPages } from '../../tables/pages';

/**
 * Copies the pages that a class's teachers wrote into another class, shown to nobody yet. What students wrote stays theirs, in
 * the class in which they wrote it.
 */
export async function copyPages(
  database: Database,
  {
    from,
    to,
    by,
    at,
  }: { readonly from: string; readonly to: string; readonly by: string; readonly at: Date },
): Promise<void> {
  const students = new Set(await listStudentPages(database, from));
  for (const page of await listPages(database, from))
    if (!students.has(page.id))
      await insertPage(database, { ...page, id: newId(), classId: to, changedAt: at, changedBy: by });
}
