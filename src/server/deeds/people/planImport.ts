import type { Choices, ImportPlan, PlannedRow } from '../../../contract/people/importPlan';
import { nameInClass } from '../../../core/people/names';
import { matchNames } from '../../../core/roster/matchNames';
import { planRoster } from '../../../core/roster/planRoster';
import type { RosterReason, RosterRecord, RosterRemark } from '../../../core/roster/rosterRecord';
import { comparableEmail } from '../../../core/people/emailAddress';
import { takingIn, type StudentStanding } from '../../../core/roster/takingIn';
import type { RosterRecords } from '../../../workers/tasks/readRoster';
import type { Database } from '../../ground/database/database';
import { listKnownPeople, listRoster, type KnownPersonRow, type RosterRow } from '../../tables/roster';
import { listClassesRunBy } from '../../tables/standing';

/** Plans an import into a class: the core's plan, with the class's own people found again by name where that is all there is. */
export async function planImport(
  database: Database,
  classId: string,
  { records, refused, warnings }: RosterRecords,
  { same, another: others, by }: Choices & { readonly by: string },
): Promise<ImportPlan> {
  const runs = await listClassesRunBy(database, by);
  const known = await listKnownPeople(database, ...keysOf(records));
  const members = new Map((await listRoster(database, classId)).map((one) => [one.personId, one]));
  const plan = planRoster(records, known);
  const matched = new Set(plan.matched.map(({ person }) => person.personId));
  const another = new Set(others);
  const byName = matchNames(
    plan.made.filter((record) => !another.has(record.row)),
    [...members.values()].filter((member) => !matched.has(member.personId)),
  );
  const byRow = new Map(records.map((record) => [record.row, record]));
  const remarks = remarksByRow([...warnings, ...plan.warnings]);
  const named = new Map(byName.matches.map((match) => [match.record.row, match]));
  const rows: PlannedRow[] = [
    ...refused.map(({ row, field, reason, text }) => ({ ...refusedRow(row, field, reason), name: text })),
    ...plan.refused.map(({ row, field, reason }) => ({
      ...refusedRow(row, field, reason),
      name: byRow.get(row)?.name ?? '',
    })),
    ...plan.matched.flatMap(({ row, person }) => {
      const record = byRow.get(row);
      return record
        ? [knownRow(record, { person, member: members.get(person.personId) ?? null, runs }, remarks(row))]
        : [];
    }),
    ...plan.made.map((record): PlannedRow => {
      const match = named.get(record.row);
      const shared = { row: record.row, name: record.name, warnings: remarks(record.row) };
      if (!match) return { ...shared, outcome: 'made', record, shownAs: nameInClass(namesOf(record)) };
      const sure = match.how === 'same' || same.includes(record.row);
      if (sure) return memberRow(record, { member: match.member, runs }, shared.warnings);
      return { ...shared, outcome: 'choice', shownAs: nameInClass(match.member) };
    }),
  ].sort((a, b) => a.row - b.row);
  const ofFile = warnings.filter(({ row }) => row === 1 && !byRow.has(1));
  return { rows, remarks: ofFile.map(({ field, reason }) => ({ field, reason })) };
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

function knownRow(
  record: RosterRecord,
  {
    person,
    member,
    runs,
  }: {
    readonly person: KnownPersonRow;
    readonly member: RosterRow | null;
    readonly runs: ReadonlySet<string>;
  },
  warnings: readonly RosterReason[],
): PlannedRow {
  if (member) return memberRow(record, { member, runs }, warnings);
  return takenInRow(record, { ...person, shownAs: nameInClass(namesOf(record)), runs }, warnings);
}

function memberRow(
  record: RosterRecord,
  { member, runs }: { readonly member: RosterRow; readonly runs: ReadonlySet<string> },
  warnings: readonly RosterReason[],
): PlannedRow {
  const shownAs = nameInClass(member);
  if (member.leftAt) return takenInRow(record, { ...member, shownAs, runs }, warnings);
  return { row: record.row, name: record.name, warnings, shownAs, outcome: 'same', since: member.joinedAt };
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
