import { nameInClass } from '../../core/people/names';
import { matchNames } from '../../core/roster/matchNames';
import { planRoster } from '../../core/roster/planRoster';
import type { RosterReason, RosterRecord, RosterRemark } from '../../core/roster/rosterRecord';
import { comparableEmail } from '../../core/people/emailAddress';
import type { Database } from '../database/database';
import { listKnownPeople, listRoster, type KnownPersonRow, type RosterRow } from './rosterQueries';
import type { RosterRecords } from './rosterSource';

/** A teacher's answers to "is this the one who is here?", by row. Rows that are not named are left out. */
export interface Choices {
  readonly same: readonly number[];
  readonly another: readonly number[];
}

/** What would become of one row. */
type PlannedRow = {
  readonly row: number;
  /** The name as it was read, or what stands in the row where no name was found. */
  readonly name: string;
  readonly warnings: readonly RosterReason[];
} & (
  | { readonly outcome: 'made'; readonly record: RosterRecord; readonly shownAs: string }
  /** Here already: nothing changes. */
  | { readonly outcome: 'same'; readonly shownAs: string; readonly since: Date }
  /** Known in the school, or here once: is taken into the class. */
  | {
      readonly outcome: 'joins';
      readonly record: RosterRecord;
      readonly personId: string;
      readonly shownAs: string;
    }
  | { readonly outcome: 'choice'; readonly shownAs: string }
  | { readonly outcome: 'refused'; readonly field: string; readonly reason: RosterReason }
);

export interface ImportPlan {
  readonly rows: readonly PlannedRow[];
  /** Remarks on the file as a whole, such as columns that were left alone. */
  readonly remarks: readonly { readonly field: string; readonly reason: RosterReason }[];
}

/** Plans an import into a class: the core's plan, with the class's own people found again by name where that is all there is. */
export async function planImport(
  database: Database,
  classId: string,
  { records, refused, warnings }: RosterRecords,
  choices: Choices,
): Promise<ImportPlan> {
  const known = await listKnownPeople(database, ...keysOf(records));
  const members = new Map((await listRoster(database, classId)).map((one) => [one.personId, one]));
  const plan = planRoster(records, known);
  const matched = new Set(plan.matched.map(({ person }) => person.personId));
  const another = new Set(choices.another);
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
      return record ? [knownRow(record, person, members.get(person.personId) ?? null, remarks(row))] : [];
    }),
    ...plan.made.map((record): PlannedRow => {
      const match = named.get(record.row);
      const shared = { row: record.row, name: record.name, warnings: remarks(record.row) };
      if (!match) return { ...shared, outcome: 'made', record, shownAs: nameInClass(namesOf(record)) };
      const sure = match.how === 'same' || choices.same.includes(record.row);
      if (sure) return memberRow(record, match.member, shared.warnings);
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
  person: KnownPersonRow,
  member: RosterRow | null,
  warnings: readonly RosterReason[],
): PlannedRow {
  if (member) return memberRow(record, member, warnings);
  const shared = { row: record.row, name: record.name, warnings };
  return {
    ...shared,
    outcome: 'joins',
    record,
    personId: person.personId,
    shownAs: nameInClass(namesOf(record)),
  };
}

function memberRow(record: RosterRecord, member: RosterRow, warnings: readonly RosterReason[]): PlannedRow {
  const shared = { row: record.row, name: record.name, warnings, shownAs: nameInClass(member) };
  return member.leftAt
    ? { ...shared, outcome: 'joins', record, personId: member.personId }
    : { ...shared, outcome: 'same', since: member.joinedAt };
}
