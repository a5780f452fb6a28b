import { may } from '../../core/access/may';
import { daysLate } from '../../core/grading/daysLate';
import { monogram, nameInClass } from '../../core/people/names';
import { marks, type Slat } from '../../core/requirements/slats';
import { localMinute } from '../../core/timing/zonedTime';
import { lateRuleIn } from '../assignments/lateRuleIn';
import { adjusterFor } from '../assignments/adjustments';
import { listAssignments } from '../assignments/queries';
import { listEverMembers } from '../classes/queries';
import { database } from '../database/database';
import { listStandings } from '../posts/queries';
import type { Desk } from '../sessions/desk';

export interface Slip {
  readonly postId: string;
  readonly writer: string;
  readonly monogram: string;
  readonly assignment: string;
  readonly assignmentNumber: number;
  readonly hoursWaiting: number;
  readonly ordinal: number;
  readonly daysLate: number;
  readonly slats: readonly Slat[];
}

const HOUR = 3_600_000;

/** The reading pile of a class: an assignment after the other, in each the oldest first. Null for who does not teach it. */
export async function maybePile({ personId, role, inClass, now }: Desk): Promise<readonly Slip[] | null> {
  if (!may({ personId, role }, 'class.teach', {})) return null;
  const members = new Map(
    (await listEverMembers(database, inClass.id)).map((member) => [member.personId, member]),
  );
  const assignments = new Map(
    (await listAssignments(database, inClass.id)).map((assignment) => [assignment.id, assignment]),
  );
  const adjust = await adjusterFor(database, inClass.id);
  const slips: Slip[] = [];
  for (const standing of await listStandings(database, inClass.id)) {
    const given = assignments.get(standing.assignmentId);
    const writer = members.get(standing.writerId);
    if (standing.stage !== 'handedIn' || !standing.handedInAt || !standing.evidence || !given || !writer)
      continue;
    const assignment = adjust(given, standing.writerId);
    const at = standing.handedInAt.getTime();
    const due = assignment.dueAt && localMinute(assignment.dueAt.getTime(), inClass.timeZone);
    slips.push({
      postId: standing.postId,
      writer: nameInClass(writer),
      monogram: monogram(writer),
      assignment: assignment.title,
      assignmentNumber: assignment.number,
      hoursWaiting: Math.max(0, Math.round((now.getTime() - at) / HOUR)),
      ordinal: standing.ordinal ?? 1,
      daysLate: due ? daysLate(at, due, inClass.timeZone, lateRuleIn(inClass, assignment)) : 0,
      slats: marks(standing.evidence.requirements, assignment.requirements),
    });
  }
  return byAssignment(slips);
}

/** Kept together by assignment, in the order in which each assignment's oldest post came. */
function byAssignment(slips: readonly Slip[]): readonly Slip[] {
  const order = [...new Set(slips.map((slip) => slip.assignment))];
  return order.flatMap((assignment) => slips.filter((slip) => slip.assignment === assignment));
}
