import type { PeerSaid, PeerStanding } from '../../../contract/peerReading/peerShown';
import { momentInWords } from '../../../core/timing/inWords';
import { placeOf } from '../../../core/languages/languages';
import type { Database } from '../../ground/database/database';
import { listSomeMembers } from '../../tables/memberships';
import { listPeerReadingsOf, listPeerWords } from '../../tables/peerReadings';
import { findLatestRound, findPeerRule, listPeerMembers } from '../../tables/peerRounds';
import type { AssignmentFacts } from '../subjects/assignmentFacts';
import { groupFor, listWhoCanShow } from './rounds';

/** How it stands with reading each other, for one of the writers; null where the assignment does not want it. */
export async function standingOf(
  database: Database,
  facts: AssignmentFacts,
  { personId, now }: { readonly personId: string; readonly now: Date },
): Promise<PeerStanding | null> {
  const { assignment, inClass } = facts;
  const rule = await findPeerRule(database, assignment.id);
  const round = await findLatestRound(database, assignment.id);
  if (!rule && !round?.takenAt) return null;
  const readings = await listPeerReadingsOf(database, { personId, assignmentId: assignment.id });
  const members = round ? await listPeerMembers(database, round.id) : [];
  const own = members.find((one) => one.personId === personId);
  const waits = round !== null && round.takenAt === null;
  const joining =
    rule &&
    round?.takenAt &&
    !own?.revisionId &&
    (await listWhoCanShow(database, facts, { now, personId })).has(personId)
      ? await groupFor(database, round, { personId, classId: inClass.id })
      : null;
  const goesTo = waits
    ? members
        .filter(({ group }) => group !== null && group === own?.group)
        .filter((one) => one.personId !== personId)
        .map((one) => one.personId)
    : readings.filter((one) => one.latest && one.writerId === personId).map(({ readerId }) => readerId);
  const people = new Map(
    (
      await listSomeMembers(database, inClass.id, [
        ...new Set([
          ...goesTo,
          ...readings.flatMap(({ readerId, writerId }) => [readerId, writerId]),
          ...(joining?.people ?? []),
        ]),
      ])
    ).map((one) => [one.personId, one.shownName]),
  );
  const named = (id: string) => people.get(id) ?? '';
  const takesAt = waits ? round.takesAt : rule?.takesAt && rule.takesAt > now ? rule.takesAt : null;
  const { timeZone, language } = placeOf(inClass);
  const given = readings.filter((one) => one.writerId === personId && one.givenAt !== null);
  const words = await listPeerWords(
    database,
    given.map(({ id }) => id),
  );
  return {
    takes: takesAt && momentInWords(takesAt.getTime(), timeZone, language),
    goesTo: goesTo.map(named),
    // Whoever reads was told so when groups were made.
    named: (round ?? rule)?.named ?? false,
    toRead: readings
      .filter((one) => rule && one.latest && one.readerId === personId && one.stage === 'draft')
      .map(({ id, writerId, givenAt }) => ({ readingId: id, of: named(writerId), given: givenAt !== null })),
    joins: joining && joining.people.map(named),
    // What was told when groups were made holds for what was said then.
    said: given.map(({ id, readerId, useful, ...told }): PeerSaid => {
      const said = words.filter((one) => one.readingId === id && !one.takenBack);
      const saidOf = (one: (typeof said)[number]) => ({ words: one.words, quote: one.anchor?.quote ?? null });
      return {
        ...{ readingId: id, by: told.named ? named(readerId) : null, useful },
        answers: said.flatMap((one) =>
          one.question === null ? [] : [{ question: told.questions[one.question] ?? '', ...saidOf(one) }],
        ),
        notes: said.flatMap((one) => (one.question === null ? [{ name: one.name, ...saidOf(one) }] : [])),
      };
    }),
  };
}
