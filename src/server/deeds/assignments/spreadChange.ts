import { narrower } from '../../../core/access/audience';
import { settingsOf } from '../../../core/assignments/assignmentSettings';
import { shiftedGrowing } from '../../../core/assignments/growing';
import { comesWith } from '../../../core/assignments/lessonText';
import { filledIn } from '../../../core/assignments/series';
import { daysBetween } from '../../../core/timing/inWords';
import { localDate } from '../../../core/timing/zonedTime';
import type { ClassRow } from '../../tables/classes';
import type { Database } from '../../ground/database/database';
import { noteWhatComesWith } from '../../tables/handouts';
import { listRepetitions } from '../../tables/assignmentSeries';
import { updateAssignment, type AssignmentRow } from '../../tables/assignments';
import type { AssignmentFacts } from '../subjects/assignmentFacts';
import { taughtSiblings } from './taughtSiblings';

interface Change {
  /** Whoever made it; it goes to the classes that they teach. */
  readonly personId: string;
  readonly now: Date;
}

/** Takes a change of an assignment to where the same is asked: to the other classes, and to its repetitions. */
export async function spreadChange(
  database: Database,
  { assignment, inClass }: AssignmentFacts,
  { personId, now }: Change,
): Promise<void> {
  for (const sibling of await taughtSiblings(database, assignment, { personId, now })) {
    const { version } = sibling.assignment;
    const changed = { ...asGivenTo(assignment, sibling), version: version + 1 };
    await updateAssignment(database, changed, version);
    await noteWhatComesWith(database, changed.id, { ...comesWith(changed), by: personId });
    await spreadToRepetitions(database, { assignment: changed, inClass: sibling.inClass }, { personId, now });
  }
  await spreadToRepetitions(database, { assignment, inClass }, { personId, now });
}

async function spreadToRepetitions(
  database: Database,
  { assignment, inClass }: AssignmentFacts,
  { personId, now }: Change,
): Promise<void> {
  if (!assignment.series) return;
  for (const repetition of await listRepetitions(database, assignment.id, now)) {
    // One that students see, or that a teacher changed by hand, goes its own way.
    if (repetition.setAt !== null || repetition.version > 1) continue;
    const changed = asRepeated(assignment, repetition, inClass);
    await updateAssignment(database, changed, repetition.version);
    await noteWhatComesWith(database, changed.id, { ...comesWith(changed), by: personId });
  }
}

/** An assignment as it is for another class: its number, due time and days are that class's own, steps move with the finish. */
export function asGivenTo(
  assignment: AssignmentRow,
  { assignment: there, inClass }: AssignmentFacts,
): AssignmentRow {
  const { growing, dueAt } = assignment;
  const days =
    dueAt && there.dueAt
      ? daysBetween(
          localDate(dueAt.getTime(), inClass.timeZone),
          localDate(there.dueAt.getTime(), inClass.timeZone),
        )
      : 0;
  return {
    ...assignment,
    id: there.id,
    classId: there.classId,
    number: there.number,
    dueAt: there.dueAt,
    setAt: there.setAt,
    openedAt: there.openedAt,
    series: there.series,
    audience: narrower(inClass.ceiling, assignment.audience),
    growing: growing && shiftedGrowing(growing, days),
  };
}

/** A repetition with what its series says now. */
export function asRepeated(
  series: AssignmentRow,
  repetition: AssignmentRow,
  { language }: Pick<ClassRow, 'language'>,
): AssignmentRow {
  const { lessonDate, week } = repetition;
  return {
    ...repetition,
    ...settingsOf(filledIn(series, { date: lessonDate ?? '', week: week ?? 0, language })),
    number: repetition.number,
  };
}
