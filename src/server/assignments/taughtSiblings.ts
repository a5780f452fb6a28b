import { listClassesOf } from '../classes/queries';
import type { Database } from '../database/database';
import { isTeacher } from '../sessions/desk';
import type { AssignmentFacts } from './assignmentFacts';
import { listSiblings, type AssignmentRow } from './queries';

/** The same assignment in the other classes that somebody teaches; classes that rest are left as they are. */
export async function taughtSiblings(
  database: Database,
  assignment: AssignmentRow,
  personId: string,
): Promise<readonly AssignmentFacts[]> {
  if (assignment.sharedId === null) return [];
  const taught = new Map(
    (await listClassesOf(database, personId))
      .filter((one) => isTeacher(one.role) && one.restedAt === null)
      .map((one) => [one.id, one]),
  );
  return (await listSiblings(database, assignment)).flatMap((sibling) => {
    const inClass = taught.get(sibling.classId);
    return inClass ? [{ assignment: sibling, inClass }] : [];
  });
}
