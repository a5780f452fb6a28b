import { comesWith } from '../../core/assignments/lessonText';
import type { Database } from '../database/database';
import { newId } from '../database/newId';
import { noteWhatComesWith } from '../handouts/queries';
import { insertAssignment, listAssignments } from './queries';

/** Copies the assignments of a class into another, as they are, but neither set nor with a due date. */
export async function copyAssignments(
  database: Database,
  {
    from,
    to,
    by,
    at,
  }: { readonly from: string; readonly to: string; readonly by: string; readonly at: Date },
): Promise<void> {
  for (const assignment of await listAssignments(database, from)) {
    const id = newId();
    await insertAssignment(
      database,
      { ...assignment, id, classId: to, dueAt: null, setAt: null, openedAt: null, version: 1 },
      { by, at },
    );
    await noteWhatComesWith(database, id, { ...comesWith(assignment), by });
  }
}
