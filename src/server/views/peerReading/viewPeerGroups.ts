import type { PeerGroupsShown, PeerMemberShown } from '../../../contract/peerReading/peerShown';
import { isStudent, may } from '../../../core/access/may';
import { groupedBy } from '../../../core/groupedBy';
import { pairKey, pairsOf } from '../../../core/peerReading/groups';
import { momentInWords, timeInWords } from '../../../core/timing/inWords';
import { localMinute } from '../../../core/timing/zonedTime';
import type { Desk } from '../../deeds/sessions/desk';
import { database } from '../../ground/database/database';
import { findAssignment } from '../../tables/assignments';
import { listEverMembers } from '../../tables/memberships';
import { listPeerReadings, listPeerWords } from '../../tables/peerReadings';
import {
  findLatestRound,
  findPeerRule,
  listKeptApart,
  listLastPairs,
  listPeerMembers,
  type PeerMemberRow,
  type PeerRoundRow,
} from '../../tables/peerRounds';

/** How writers of an assignment read each other, for those who teach its class. Null for everybody else. */
export async function maybePeerGroups(assignmentId: string, desk: Desk): Promise<PeerGroupsShown | null> {
  const { personId, role, inClass, now, place } = desk;
  if (!may({ personId, role }, 'peer.arrange', {})) return null;
  const assignment = await findAssignment(database, assignmentId, now);
  if (!assignment || assignment.classId !== inClass.id) return null;
  const rule = await findPeerRule(database, assignmentId);
  const round = await findLatestRound(database, assignmentId);
  const members = await listEverMembers(database, inClass.id);
  const names = new Map(members.map((one) => [one.personId, one.shownName]));
  const named = (id: string) => names.get(id) ?? '';
  const apart = await listKeptApart(database, { classId: inClass.id, teacherId: personId });
  return {
    classId: inClass.id,
    assignmentId,
    title: assignment.title,
    isSet: assignment.setAt !== null,
    hidesNames: assignment.hidesNames,
    rule: rule && {
      ...{ size: rule.size, questions: rule.questions, named: rule.named },
      at: rule.takesAt && localMinute(rule.takesAt.getTime(), inClass.timeZone),
    },
    // Where names are hidden, who said what to whom would give them away.
    round:
      round && !assignment.hidesNames
        ? {
            id: round.id,
            takes: round.takenAt
              ? null
              : momentInWords(round.takesAt.getTime(), place.timeZone, place.language),
            ...(await groupsShown(round, { desk, named })),
          }
        : null,
    students: members
      .filter((one) => isStudent(one.role) && one.leftAt === null)
      .map((one) => ({ personId: one.personId, name: one.shownName })),
    apart: apart.map(([oneId, otherId]) => ({ oneId, otherId, names: [named(oneId), named(otherId)] })),
  };
}

async function groupsShown(
  round: PeerRoundRow,
  { desk: { place, inClass }, named }: { readonly desk: Desk; readonly named: (id: string) => string },
): Promise<Pick<NonNullable<PeerGroupsShown['round']>, 'groups' | 'alone' | 'again'>> {
  const readings = await listPeerReadings(database, round.id);
  const words = groupedBy(
    await listPeerWords(
      database,
      readings.map(({ id }) => id),
    ),
    (one) => one.readingId,
  );
  const readingsOf = groupedBy(readings, (one) => one.readerId);
  const members = await listPeerMembers(database, round.id);
  const byGroup = groupedBy(
    members.filter(({ group }) => group !== null),
    ({ group }) => String(group),
  );
  const before = new Set((await listLastPairs(database, inClass.id, round)).map(pairKey));
  const groups = [...byGroup.values()];
  const shownAs = (member: PeerMemberRow): PeerMemberShown => ({
    personId: member.personId,
    name: named(member.personId),
    showed: round.takenAt ? member.revisionId !== null : null,
    reads: (readingsOf.get(member.personId) ?? []).map((reading) => ({
      readingId: reading.id,
      of: named(reading.writerId),
      opened: reading.openedAt !== null,
      given: reading.givenAt !== null,
      useful: reading.useful,
      said: (words.get(reading.id) ?? []).map((one) => ({
        ...{ name: one.name, words: one.words, takenBack: one.takenBack, quote: one.anchor?.quote ?? null },
        when: timeInWords(one.keptAt.getTime(), place.timeZone, place.language),
        question: one.question === null ? null : (round.questions[one.question] ?? ''),
      })),
    })),
  });
  return {
    groups: groups.map((group) => group.map(shownAs)),
    alone: members.filter(({ group }) => group === null).map(({ personId }) => named(personId)),
    again: pairsOf(groups.map((group) => group.map(({ personId }) => personId)))
      .filter((pair) => before.has(pairKey(pair)))
      .map(([one, other]) => [named(one), named(other)]),
  };
}
