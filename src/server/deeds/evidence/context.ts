import { allStarters } from '../../../core/assignments/starters';
import type { AssignmentToCheck } from '../../../core/requirements/requirement';
import { localDate } from '../../../core/timing/zonedTime';
import type { ClassRow } from '../../tables/classes';
import type { Database } from '../../ground/database/database';
import { listLabels } from '../../tables/labels';
import type { AssignmentRow } from '../../tables/assignments';

/** What the requirements of an assignment are measured with, the same for the writer's browser and for the server. */
export async function assignmentToCheck(
  database: Database,
  assignment: AssignmentRow,
  inClass: ClassRow,
): Promise<AssignmentToCheck> {
  return checkedBy(assignment, inClass, await listLabels(database, inClass.id));
}

/** The same with the labels of the class that were read before. */
export function checkedBy(
  assignment: AssignmentRow,
  inClass: ClassRow,
  classLabels: readonly string[],
): AssignmentToCheck {
  return {
    number: assignment.number,
    title: assignment.title,
    date:
      assignment.lessonDate ??
      (assignment.setAt ? localDate(assignment.setAt.getTime(), inClass.timeZone) : null),
    week: assignment.week,
    language: inClass.language,
    timeZone: inClass.timeZone,
    classLabels,
    starters: allStarters(assignment.starters),
    outline: assignment.outline,
    requirements: assignment.requirements,
  };
}
