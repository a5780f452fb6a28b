import type { Choices, ImportPlan, PlannedRow } from '../../../contract/people/importPlan';
import { nameInClass } from '../../../core/people/names';
import { matchNames } from '../../../core/roster/matchNames';
import { planRoster } from '../../../core/roster/planRoster';
import type { RosterReason, RosterRecord, RosterRemark } from '../../../core/roster/rosterRecord';
import { comparableEmail } from '../../../core/people/emailAddress';
import { takingIn, type StudentStanding } from '../../../core/roster/takingIn';
import { alike } from '../../../core/text/alike';
import type { RosterRecords } from '../../../workers/tasks/readRoster';
import type { Database } from '../../ground/database/database';
import {
  listKnownPeople,
  listRoster,
  listStudentsElsewhere,
  type KnownPersonRow,
  type OtherStudentRow,
  type RosterRow,
} from '../../tables/roster';
import { listClassesRunBy } from '../../tables/standing';

/**
 * Plans an import into a class: the core's plan, with people found again by name where that is all there is. Wherever there is doubt,
 * a teacher is asked whether somebody is the same or another; whom other teachers speak for is asked for, and not named.
 */
export async function planImport(
  database: Database,
  classId: string,
  { records, refused, warnings, asksOrder }: RosterRecords,
  { same, another: others, by }: Choices & { readonly by: string },
): Promise<ImportPlan> {
  const runs = await listClassesRunBy(database, by);
  const known = await listKnownPeople(database, ...keysOf(records));
  const members = new Map((await listRoster(database, classId)).map((one) => [one.personId, one]));
  const elsewhere = await listStudentsElsewhere(
    database,
    classId,
    [...runs].filter((id) => id !== classId),
  );
  const plan = planRoster(records, known);
  const matched = new Set(plan.matched.map(({ person }) => person.personId));
  const said = { same: new Set(same), another: new Set(others) };
  const candidates: readonly Candidate[] = [
    ...[...members.values()].map((member) => ({ ...member, elsewhere: false })),
    ...elsewhere.map((one) => ({ ...one, elsewhere: true })),
  ];
  const byName = matchNames(
    plan.made.filter((record) => !said.another.has(record.row)),
    candidates.filter((one) => !matched.has(one.personId)),
  );
  const byRow = new Map(records.map((record) => [record.row, record]));
  const remarks = remarksByRow([...warnings, ...plan.warnings]);
  const named = new Map(byName.matches.map((match) => [match.record.row, match]));
  const earlier = earlierOf(byName.fresh);
  const rows: PlannedRow[] = [
    ...refused.map(({ row, field, reason, text }) => ({ ...refusedRow(row, field, reason), name: text })),
    ...plan.refused.map(({ row, field, reason }) => ({
      ...refusedRow(row, field, reason),
      name: byRow.get(row)?.name ?? '',
    })),
    ...plan.matched.flatMap(({ row, person }) => {
      const record = byRow.get(row);
      const member = members.get(person.personId) ?? null;
      return record ? [knownRow(record, { person, member, runs, said }, remarks(row))] : [];
    }),
    ...plan.made.map((record): PlannedRow => {
      const match = named.get(record.row);
      const shared = { row: record.row, name: record.name, warnings: remarks(record.row) };
      if (match) return namedRow(record, match, { members, runs, said }, shared.warnings);
      const first = earlier.get(record);
      if (first !== undefined && !said.another.has(record.row))
        return said.same.has(record.row)
          ? { ...refusedRow(record.row, 'name', 'sameAsEarlier'), name: record.name }
          : { ...shared, outcome: 'choice', shownAs: first.name, of: 'earlier', though: null };
      return { ...shared, outcome: 'made', record, shownAs: nameInClass(namesOf(record)) };
    }),
  ].sort((a, b) => a.row - b.row);
  const ofFile = warnings.filter(({ row }) => row === 1 && !byRow.has(1));
  return { rows, asksOrder, remarks: ofFile.map(({ field, reason }) => ({ field, reason })) };
}

/** Somebody whom a name in a list may mean. */
type Candidate = Omit<OtherStudentRow, 'standing'> & {
  readonly standing: StudentStanding;
  readonly elsewhere: boolean;
};

interface Said {
  readonly same: ReadonlySet<number>;
  readonly another: ReadonlySet<number>;
}

/** For each record whose name stands earlier among those to be made, that earlier one; identifiers that differ tell two apart. */
function earlierOf(made: readonly RosterRecord[]): ReadonlyMap<RosterRecord, RosterRecord> {
  const first = new Map<string, RosterRecord>();
  const found = new Map<RosterRecord, RosterRecord>();
  for (const record of made) {
    const before = first.get(alike(record.name));
    if (!before) first.set(alike(record.name), record);
    else if (record.id === null || before.id === null) found.set(record, before);
  }
  return found;
}

/** What becomes of somebody who was found by the name. */
function namedRow(
  record: RosterRecord,
  { member: found, how }: { readonly member: Candidate; readonly how: 'same' | 'perhaps' },
  {
    members,
    runs,
    said,
  }: {
    readonly members: ReadonlyMap<string, RosterRow>;
    readonly runs: ReadonlySet<string>;
    readonly said: Said;
  },
  warnings: readonly RosterReason[],
): PlannedRow {
  const member = members.get(found.personId);
  if (how !== 'same' && !said.same.has(record.row))
    return {
      row: record.row,
      name: record.name,
      warnings,
      outcome: 'choice',
      shownAs: member?.shownName ?? nameInClass({ ...found, penName: null }),
      of: found.elsewhere ? 'elsewhere' : 'here',
      though: null,
    };
  if (member) return memberRow(record, { member, runs, byName: true }, warnings);
  const shownAs = nameInClass({ ...found, penName: null });
  return takenInRow(record, { ...found, shownAs, runs }, warnings);
}

function remarksByRow(all: readonly RosterRemark[]): (row: number) => readonly RosterReason[] {
  const found = new Map<number, RosterReason[]>();
  for (const { row, reason } of all) found.set(row, [...(found.get(row) ?? []), reason]);
  return (row) => found.get(row) ?? [];
}

/** The parts of a name as people are kept: who has but one name has no family name. */
export function namesOf({ name, givenName, familyName }: RosterRecord) {
  return { givenName: givenName ?? name, familyName: familyName ?? '', penName: null };
}

function keysOf(records: readonly RosterRecord[]): readonly [readonly string[], readonly string[]] {
  return [
    records.flatMap(({ id }) => (id === null ? [] : [id])),
    records.flatMap(({ email }) => (email === null ? [] : [comparableEmail(email)])),
  ];
}

function refusedRow(row: number, field: string, reason: RosterReason) {
  return { row, warnings: [], outcome: 'refused', field, reason } as const;
}

/** What becomes of somebody who was found by identifier or address. By another name a teacher is asked, of people of their own. */
function knownRow(
  record: RosterRecord,
  {
    person,
    member,
    runs,
    said,
  }: {
    readonly person: KnownPersonRow;
    readonly member: RosterRow | null;
    readonly runs: ReadonlySet<string>;
    readonly said: Said;
  },
  warnings: readonly RosterReason[],
): PlannedRow {
  const { row, name } = record;
  // Two cannot have one identifier: whoever is another has to get another first.
  if (said.another.has(row)) return { ...refusedRow(row, 'id', 'belongsToAnother'), name };
  const home = person.standing.homeClassId;
  const own = member !== null || (home !== null && runs.has(home));
  if (own && !said.same.has(row) && !mayBeCalled(name, person.name))
    return {
      row,
      name,
      warnings,
      outcome: 'choice',
      shownAs: member?.shownName ?? person.name,
      of: member ? 'here' : 'elsewhere',
      though: 'name',
    };
  if (member) return memberRow(record, { member, runs, byName: false }, warnings);
  return takenInRow(record, { ...person, shownAs: nameInClass(namesOf(record)), runs }, warnings);
}

/** Whether two names may be one person's: one of them begins the other, as "Ines M" does "Ines Marlow". */
function mayBeCalled(one: string, another: string): boolean {
  const [a, b] = [alike(one), alike(another)].map((name) => name.replace(/[.\s]+$/u, ''));
  return a !== undefined && b !== undefined && (a.startsWith(b) || b.startsWith(a));
}

function memberRow(
  record: RosterRecord,
  {
    member,
    runs,
    byName,
  }: { readonly member: RosterRow; readonly runs: ReadonlySet<string>; readonly byName: boolean },
  warnings: readonly RosterReason[],
): PlannedRow {
  const { shownName: shownAs } = member;
  if (member.leftAt) return takenInRow(record, { ...member, shownAs, runs }, warnings);
  const { row, name } = record;
  return { row, name, warnings, shownAs, outcome: 'same', since: member.joinedAt, byName };
}

/** What becomes of somebody who is known in the school and not in the class. */
function takenInRow(
  record: RosterRecord,
  {
    personId,
    standing,
    shownAs,
    runs,
  }: {
    readonly personId: string;
    readonly standing: StudentStanding;
    readonly shownAs: string;
    readonly runs: ReadonlySet<string>;
  },
  warnings: readonly RosterReason[],
): PlannedRow {
  const taking = takingIn(standing, runs);
  if (taking.kind === 'refused')
    return { ...refusedRow(record.row, 'name', taking.reason), name: record.name };
  return { row: record.row, name: record.name, warnings, shownAs, outcome: taking.kind, record, personId };
}
