import type { Pile, Slip } from '../../../contract/reviews/slip';
import { may } from '../../../core/access/may';
import { groupedBy } from '../../../core/groupedBy';
import { daysLate } from '../../../core/grading/daysLate';
import { arrangePile } from '../../../core/posts/pile';
import { marks } from '../../../core/requirements/slats';
import { localMinute } from '../../../core/timing/zonedTime';
import { TAKEN_FOR, whoIsAt } from '../../deeds/reviews/atSlip';
import { lateRuleIn } from '../../deeds/assignments/lateRuleIn';
import { adjusterFor } from '../../tables/adjustments';
import { listAlikeWriters, type AlikeWriterRow } from '../../tables/alikePosts';
import { listAssignments } from '../../tables/assignments';
import { listSomeMembers, type MemberRow } from '../../tables/memberships';
import { database } from '../../ground/database/database';
import { listDetailsMeant } from '../../tables/detailDecisions';
import { hiddenOfClass } from '../../tables/hiddenNames';
import { countAnswersWaiting } from '../../tables/notes';
import { findPileOrder } from '../../tables/pileOrders';
import { listWaiting, type WaitingRow } from '../../tables/postsOfClass';
import { listSlipReaders } from '../../tables/slipReaders';
import type { Desk } from '../../deeds/sessions/desk';
import { writerShown } from '../../deeds/subjects/writerShown';

const HOUR = 3_600_000;

/** The reading pile of somebody who teaches: all their classes together, the longest waiting first. Null for who teaches none. */
export async function maybePile(desks: readonly Desk[]): Promise<readonly Slip[] | null> {
  const taught = teaching(desks);
  if (taught.length === 0) return null;
  const slips: Slip[] = [];
  for (const desk of taught)
    slips.push(...(await slipsIn(desk, { group: taught.length > 1 ? nameOf(desk) : null })));
  return arrangePile(slips, 'oldest').flat();
}

/** The same in the order and of the class that they chose. */
export async function maybeArrangedPile(desks: readonly Desk[]): Promise<Pile | null> {
  const taught = teaching(desks);
  const [first] = taught;
  if (!first) return null;
  const { by, classId } = await findPileOrder(database, first.personId);
  // A class that they no longer teach hides nothing.
  const chosen = taught.filter(({ inClass }) => inClass.id === classId);
  const slips = (await maybePile(chosen.length > 0 ? chosen : taught)) ?? [];
  return {
    parts: arrangePile(slips, by),
    by,
    classId: chosen[0]?.inClass.id ?? null,
    classes: taught.map((desk) => ({ id: desk.inClass.id, name: nameOf(desk) })),
  };
}

function teaching(desks: readonly Desk[]): readonly Desk[] {
  return desks.filter(({ personId, role }) => may({ personId, role }, 'class.teach', {}));
}

function nameOf({ inClass }: Desk): string {
  return inClass.groupName || inClass.title;
}

/** The slips of a class, those that have waited longest first. */
async function slipsIn(
  { inClass, now, personId }: Desk,
  { group }: { readonly group: string | null },
): Promise<Slip[]> {
  const given = await listAssignments(database, inClass.id, now);
  if (given.length === 0) return [];
  const assignments = new Map(given.map((assignment) => [assignment.id, assignment]));
  const adjust = await adjusterFor(database, inClass);
  const readers = groupedBy(
    await listSlipReaders(database, inClass.id, new Date(now.getTime() - TAKEN_FOR)),
    ({ postId }) => postId,
  );
  const meant = await listDetailsMeant(database, inClass.id);
  const answers = await countAnswersWaiting(database, inClass.id);
  const hidden = await hiddenOfClass(database, inClass.id, { assignments: given, teacherId: personId });
  const alikeWriters = await listAlikeWriters(database, inClass.id);
  const alike = groupedBy(alikeWriters, ({ postId }) => postId);
  const waiting = await listWaiting(database, { classId: inClass.id, readerId: personId });
  const writers = [...waiting, ...alikeWriters].map(({ writerId }) => writerId);
  const members = new Map(
    (await listSomeMembers(database, inClass.id, writers)).map((member) => [member.personId, member]),
  );
  const slips: Slip[] = [];
  for (const standing of waiting) {
    const asked = assignments.get(standing.assignmentId);
    const writer = members.get(standing.writerId);
    if (!asked || !writer) continue;
    const assignment = adjust(asked, standing.writerId);
    const at = standing.handedInAt.getTime();
    const { takenBy, openWith } = whoIsAt(readers.get(standing.postId) ?? [], { personId, now });
    const due = assignment.dueAt && localMinute(assignment.dueAt.getTime(), inClass.timeZone);
    const shown = writerShown(writer, hidden.get(standing.postId));
    slips.push({
      postId: standing.postId,
      writer: shown.name,
      monogram: shown.monogram,
      classId: inClass.id,
      group,
      assignment: assignment.title,
      assignmentNumber: assignment.number,
      waitsSince: at,
      hoursWaiting: Math.max(0, Math.round((now.getTime() - at) / HOUR)),
      ordinal: standing.ordinal ?? 1,
      changesPublished: standing.changesPublished,
      daysLate: due ? daysLate(at, due, inClass.timeZone, lateRuleIn(inClass, assignment)) : 0,
      slats: marks(standing.evidence.requirements, assignment.requirements),
      details: [...new Set(standing.details.filter(({ key }) => !meant.has(key)).map(({ kind }) => kind))],
      alike: alikeOf(standing, alike.get(standing.postId) ?? [], { members, hidden }),
      second: standing.second,
      // What the first reader wrote is not theirs to know of.
      answers: (standing.second ? null : answers.get(standing.postId)) ?? { count: 0, asks: false },
      takenBy,
      openWith: openWith[0] ?? null,
    });
  }
  return slips;
}

interface Known {
  readonly members: ReadonlyMap<string, MemberRow>;
  /** The posts whose writers' names are hidden. */
  readonly hidden: ReadonlyMap<string, number>;
}

/** Whose posts of the class have a passage with a hand-in; null where no text has. Where one of both is hidden, none is named. */
function alikeOf(
  { evidence, postId }: WaitingRow,
  writers: readonly AlikeWriterRow[],
  { members, hidden }: Known,
): Slip['alike'] {
  const found = evidence.requirements.some((one) => one.kind === 'ownWords' && one.places.length > 0);
  if (!found && writers.length === 0) return null;
  const names = writers.flatMap(({ writerId, otherId }) => {
    const writer = members.get(writerId);
    if (!writer) return [];
    return hidden.has(postId) || hidden.has(otherId) ? null : writer.shownName;
  });
  return [...new Set(names)];
}
