import type { Slip } from '../../../contract/reviews/slip';
import { may } from '../../../core/access/may';
import { daysLate } from '../../../core/grading/daysLate';
import { monogram } from '../../../core/people/names';
import { marks } from '../../../core/requirements/slats';
import { localMinute } from '../../../core/timing/zonedTime';
import { lateRuleIn } from '../../deeds/assignments/lateRuleIn';
import { adjusterFor } from '../../tables/adjustments';
import { listAssignments, type AssignmentRow } from '../../tables/assignments';
import { type ClassRow } from '../../tables/classes';
import { listEverMembers } from '../../tables/memberships';
import { database } from '../../ground/database/database';
import { listWaiting } from '../../tables/postsOfClass';
import type { Desk } from '../../deeds/sessions/desk';

const HOUR = 3_600_000;

/**
 * The reading pile of somebody who teaches: all their classes together, an assignment after the other, in each the oldest first.
 * Null for who teaches none.
 */
export async function maybePile(desks: readonly Desk[]): Promise<readonly Slip[] | null> {
  const taught = desks.filter(({ personId, role }) => may({ personId, role }, 'class.teach', {}));
  if (taught.length === 0) return null;
  const slips: Slip[] = [];
  for (const { inClass, now } of taught) {
    const group = taught.length > 1 ? inClass.groupName || inClass.title : null;
    slips.push(...(await slipsIn(inClass, await listAssignments(database, inClass.id, now), { now, group })));
  }
  return byAssignment(slips.toSorted((one, another) => another.hoursWaiting - one.hoursWaiting));
}

/** The slips of the assignments of a class, those that have waited longest first. */
async function slipsIn(
  inClass: ClassRow,
  given: readonly AssignmentRow[],
  { now, group }: { readonly now: Date; readonly group: string | null },
): Promise<Slip[]> {
  if (given.length === 0) return [];
  const members = new Map(
    (await listEverMembers(database, inClass.id)).map((member) => [member.personId, member]),
  );
  const assignments = new Map(given.map((assignment) => [assignment.id, assignment]));
  const adjust = await adjusterFor(database, inClass.id);
  const slips: Slip[] = [];
  for (const standing of await listWaiting(database, inClass.id)) {
    const asked = assignments.get(standing.assignmentId);
    const writer = members.get(standing.writerId);
    if (!asked || !writer) continue;
    const assignment = adjust(asked, standing.writerId);
    const at = standing.handedInAt.getTime();
    const due = assignment.dueAt && localMinute(assignment.dueAt.getTime(), inClass.timeZone);
    slips.push({
      postId: standing.postId,
      writer: writer.shownName,
      monogram: monogram(writer),
      group,
      assignment: assignment.title,
      assignmentNumber: assignment.number,
      hoursWaiting: Math.max(0, Math.round((now.getTime() - at) / HOUR)),
      ordinal: standing.ordinal ?? 1,
      daysLate: due ? daysLate(at, due, inClass.timeZone, lateRuleIn(inClass, assignment)) : 0,
      slats: marks(standing.evidence.requirements, assignment.requirements),
    });
  }
  return slips;
}

/** Kept together by assignment, in the order in which each assignment's oldest post came. */
function byAssignment(slips: readonly Slip[]): readonly Slip[] {
  const order = [...new Set(slips.map((slip) => slip.assignment))];
  return order.flatMap((assignment) => slips.filter((slip) => slip.assignment === assignment));
}
