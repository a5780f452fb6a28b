import { randomInt } from 'node:crypto';
import { countDocumentWords } from '../../../core/words/documentWords';
import { drawGroups, groupToJoin, type Pair } from '../../../core/peerReading/groups';
import { TO_CHANGE, type PeerRule } from '../../../core/peerReading/rule';
import { localDate } from '../../../core/timing/zonedTime';
import type { Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { insertJob } from '../../ground/jobs/queries';
import { listAwayOn } from '../../tables/absences';
import { adjusterFor } from '../../tables/adjustments';
import { openStored } from '../../tables/columns';
import { insertPeerReadings } from '../../tables/peerReadings';
import {
  insertMember,
  insertRound,
  leaveAlone,
  listKeptApart,
  listLastPairs,
  listPeerCandidates,
  listPeerMembers,
  markTaken,
  type PeerMemberRow,
  type PeerRoundRow,
} from '../../tables/peerRounds';
import { findPost } from '../../tables/posts';
import { mapInTurn } from '../../ground/work/mapInTurn';
import { keepAsRevision } from '../posts/keepAsRevision';
import type { AssignmentFacts } from '../subjects/assignmentFacts';

/** So many drafts are opened at once, to see whether there is something to show. */
const FEW_DRAFTS = 20;
const PARTS = 2 ** 32;
const random = () => randomInt(PARTS) / PARTS;

/**
 * Who has written something for an assignment, has not handed in, is there today, and is not excused: with their posts. Of all, or
 * whether one is among them.
 */
export async function listWhoCanShow(
  database: Database,
  { assignment, inClass }: AssignmentFacts,
  { now, personId = null }: { readonly now: Date; readonly personId?: string | null },
): Promise<ReadonlyMap<string, string>> {
  const asked = { classId: inClass.id, assignmentId: assignment.id, personId };
  const away = await listAwayOn(database, inClass.id, localDate(now.getTime(), inClass.timeZone));
  const adjust = await adjusterFor(database, inClass, personId);
  const there = (await listPeerCandidates(database, asked)).filter(
    ({ personId }) => !away.has(personId) && !adjust(assignment, personId).excused,
  );
  const written = await mapInTurn(there, FEW_DRAFTS, ({ body }) => hasWords(body));
  return new Map(there.filter((_, at) => written[at]).map(({ personId, postId }) => [personId, postId]));
}

/** Headings alone are the assignment's outline. */
function hasWords(body: string): boolean {
  return countDocumentWords(openStored(body), { excludeHeadings: true }) > 0;
}

/** Whom nobody's lot may bring together, and who was together the last time. */
async function pairsToAvoid(
  database: Database,
  classId: string,
): Promise<{ readonly apart: readonly Pair[]; readonly before: readonly Pair[] }> {
  return {
    apart: await listKeptApart(database, { classId }),
    before: await listLastPairs(database, classId),
  };
}

/** Draws groups, whose texts are taken five minutes later. @returns the round, or null where not two can read each other */
export async function drawRound(
  database: Database,
  facts: AssignmentFacts,
  { size, questions, named, now }: PeerRule & { readonly now: Date },
): Promise<string | null> {
  const people = [...(await listWhoCanShow(database, facts, { now })).keys()];
  const { groups, alone } = drawGroups(
    { people, size, ...(await pairsToAvoid(database, facts.inClass.id)) },
    random,
  );
  if (groups.length === 0) return null;
  const roundId = newId();
  const takesAt = new Date(now.getTime() + TO_CHANGE);
  await insertRound(database, {
    ...{
      id: roundId,
      assignmentId: facts.assignment.id,
      questions,
      named,
      drawnAt: now,
      takesAt,
      groups,
      alone,
    },
  });
  await insertJob(database, { kind: 'takePeerTexts', payload: { roundId }, at: takesAt });
  return roundId;
}

/**
 * Takes the texts of a round as they stand, and lets everybody read those of their group. Who has nothing to show any more, or is
 * gone, gives nothing and reads nothing; who is left with nobody joins the smallest group.
 */
export async function takeTexts(
  database: Database,
  round: PeerRoundRow,
  facts: AssignmentFacts,
  now: Date,
): Promise<void> {
  const shows = await listWhoCanShow(database, facts, { now });
  const pairs = await pairsToAvoid(database, facts.inClass.id);
  const there = (await listPeerMembers(database, round.id)).filter(({ personId }) => shows.has(personId));
  const seated = seatedIn(there).map((group) => [...group]);
  const joins = async (personId: string) => {
    const to = groupToJoin(seated, personId, pairs);
    if (to === null) await leaveAlone(database, { roundId: round.id, personId });
    else seated[to]!.push(personId);
  };
  for (const group of seated) if (group.length === 1) await joins(group.pop()!);
  for (const { personId, group } of there) if (group === null) await joins(personId);
  for (const [at, group] of seated.entries())
    for (const personId of group)
      await giveText(database, { round, personId, group: at, postId: shows.get(personId) ?? '', now });
  await insertPeerReadings(
    database,
    seated.flatMap((group) => readingsIn(round.id, group)),
  );
  await markTaken(database, round.id, now);
}

/** The people of each group by its number; nobody where there is none of that number any more. */
function seatedIn(members: readonly PeerMemberRow[]): readonly (readonly string[])[] {
  const groups: string[][] = [];
  for (const { group, personId } of members) if (group !== null) (groups[group] ??= []).push(personId);
  return Array.from(groups, (group: readonly string[] | undefined) => group ?? []);
}

/** Everybody of a group reads everybody else. */
function readingsIn(roundId: string, group: readonly string[]) {
  return group.flatMap((readerId) =>
    group
      .filter((writerId) => writerId !== readerId)
      .map((writerId) => ({ id: newId(), roundId, readerId, writerId })),
  );
}

interface Giving extends Pick<PeerMemberRow, 'personId' | 'group'> {
  readonly round: PeerRoundRow;
  readonly postId: string;
  readonly now: Date;
}

async function giveText(database: Database, { round, personId, group, postId, now }: Giving): Promise<void> {
  const post = await findPost(database, postId);
  const revisionId = post && (await keepAsRevision(database, post, now));
  await insertMember(database, { roundId: round.id, personId, group, revisionId });
}

/** With whom somebody would read who comes later, and where; null where there is no group for them. */
export async function groupFor(
  database: Database,
  round: PeerRoundRow,
  { personId, classId }: { readonly personId: string; readonly classId: string },
): Promise<{ readonly group: number; readonly people: readonly string[] } | null> {
  const members = (await listPeerMembers(database, round.id)).filter((one) => one.revisionId !== null);
  if (members.some((one) => one.personId === personId)) return null;
  const seated = seatedIn(members);
  const group = groupToJoin(seated, personId, await pairsToAvoid(database, classId));
  return group === null ? null : { group, people: seated[group]! };
}

/** Lets somebody who comes later read with a group, and be read by it. */
export async function joinGroup(
  database: Database,
  { people, ...giving }: Giving & { readonly people: readonly string[] },
): Promise<void> {
  await giveText(database, giving);
  const { round, personId } = giving;
  await insertPeerReadings(
    database,
    people.flatMap((other) => [
      { id: newId(), roundId: round.id, readerId: personId, writerId: other },
      { id: newId(), roundId: round.id, readerId: other, writerId: personId },
    ]),
  );
}
