import type { Found } from '../../ground/access/useCase';
import { findClass, type ClassRow } from '../../tables/classes';
import type { Database } from '../../ground/database/database';
import { findAssignment, type AssignmentRow } from '../../tables/assignments';

/** An assignment with its class. */
export interface AssignmentFacts {
  readonly assignment: AssignmentRow;
  readonly inClass: ClassRow;
}

/** An assignment to act on, as the access table asks for it; null where there is none. */
export async function findAssignmentToActOn(
  database: Database,
  assignmentId: string,
  now: Date,
): Promise<Found<AssignmentFacts> | null> {
  const assignment = await findAssignment(database, assignmentId, now);
  const inClass = assignment && (await findClass(database, assignment.classId));
  if (!assignment || !inClass) return null;
  return {
    subject: { assignmentIsSet: assignment.setAt !== null },
    classId: assignment.classId,
    subjectId: assignmentId,
    rows: { assignment, inClass },
  };
}
