import { isTeacher, type ClassRole } from '../../../core/access/may';
import { listClassesOf, type ClassRow } from '../../tables/classes';
import type { Database } from '../../ground/database/database';
import { listSiblings, updateShared } from '../../tables/assignmentSeries';
import { type AssignmentRow } from '../../tables/assignments';
import type { AssignmentFacts } from '../subjects/assignmentFacts';

/** The same assignment in the other classes that somebody teaches; classes that rest are left as they are. */
export async function taughtSiblings(
  database: Database,
  assignment: AssignmentRow,
  { personId, now }: { readonly personId: string; readonly now: Date },
): Promise<readonly AssignmentFacts[]> {
  if (assignment.sharedId === null) return [];
  return taughtOf(await listSiblings(database, assignment, now), await listClassesOf(database, personId));
}

/** Those of an assignment's siblings that are in classes which a person teaches and which do not rest. */
export function taughtOf(
  siblings: readonly AssignmentRow[],
  classesOfPerson: readonly (ClassRow & { readonly role: ClassRole })[],
): readonly AssignmentFacts[] {
  const taught = new Map(
    classesOfPerson.filter((one) => isTeacher(one.role) && one.restedAt === null).map((one) => [one.id, one]),
  );
  return siblings.flatMap((sibling) => {
    const inClass = taught.get(sibling.classId);
    return inClass ? [{ assignment: sibling, inClass }] : [];
  });
}

/** Lets an assignment go its own way, and the last of those that were one with it. */
export async function partFromSiblings(
  database: Database,
  assignment: AssignmentRow,
  now: Date,
): Promise<void> {
  if (assignment.sharedId === null) return;
  const [last, ...others] = await listSiblings(database, assignment, now);
  await updateShared(database, assignment.id, null);
  if (last && others.length === 0) await updateShared(database, last.id, null);
}
