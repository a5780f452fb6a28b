import { nameOf } from '../people/readName';
import { decodeText } from '../text/decodeText';
import { readTable, type TableRecord } from './readTable';
import type { RosterFile, RosterProblem, RosterRecord, RosterRemark } from './rosterRecord';

/** A class of the files, to choose from. */
export interface OneRosterClass {
  readonly id: string;
  readonly title: string;
  readonly students: number;
}

export type OneRosterClasses =
  | { readonly ok: true; readonly classes: readonly OneRosterClass[] }
  | { readonly ok: false; readonly problem: RosterProblem };

interface Files {
  readonly users: Uint8Array;
  readonly enrollments: Uint8Array;
}

/** The classes of OneRoster 1.2 CSV files (classes.csv, enrollments.csv) that are not to be deleted. */
export function listOneRosterClasses(classes: Uint8Array, enrollments: Uint8Array): OneRosterClasses {
  const rows = readRows(classes, ['sourcedId', 'title']);
  const enrolled = readRows(enrollments, ['classSourcedId', 'userSourcedId', 'role']);
  if (!rows || !enrolled) return { ok: false, problem: 'noEnrollmentColumns' };
  return {
    ok: true,
    classes: rows.filter(isActive).map((row) => ({
      id: row.at('sourcedId'),
      title: row.at('title'),
      students: enrolled.filter(
        (one) =>
          isActive(one) && one.at('classSourcedId') === row.at('sourcedId') && one.at('role') === 'student',
      ).length,
    })),
  };
}

/**
 * The students of one class in OneRoster 1.2 CSV files (users.csv, enrollments.csv). A record's row is its place in
 * users.csv. Those who are marked to be deleted, and grown-ups, are named in warnings and left out.
 */
export function readOneRoster({ users, enrollments }: Files, classId: string): RosterFile {
  const people = readRows(users, ['sourcedId', 'givenName', 'familyName']);
  if (!people) return { ok: false, problem: 'noUserColumns' };
  const enrolled = readRows(enrollments, ['classSourcedId', 'userSourcedId', 'role']);
  if (!enrolled) return { ok: false, problem: 'noEnrollmentColumns' };
  const places = new Map(
    enrolled
      .filter((one) => one.at('classSourcedId') === classId)
      .map((one) => [one.at('userSourcedId'), one]),
  );
  const records: RosterRecord[] = [];
  const warnings: RosterRemark[] = [];
  for (const person of people) {
    const enrollment = places.get(person.at('sourcedId'));
    if (!enrollment) continue;
    if (!isActive(person) || !isActive(enrollment))
      warnings.push({ row: person.row, field: 'status', reason: 'noLongerThere' });
    else if (enrollment.at('role') !== 'student')
      warnings.push({ row: person.row, field: 'role', reason: 'notAStudent' });
    else records.push(recordOf(person));
  }
  return { ok: true, records, warnings };
}

function recordOf(person: Row): RosterRecord {
  // Since 1.2 a person may have names that they prefer.
  const given = person.at('preferredGivenName') || person.at('givenName');
  const family = person.at('preferredFamilyName') || person.at('familyName');
  const { name, givenName, familyName } = nameOf(given, family);
  return {
    row: person.row,
    name,
    givenName: givenName || null,
    familyName,
    email: person.at('email') || null,
    id: person.at('sourcedId') || null,
    group: null,
    penName: null,
  };
}

interface Row {
  readonly row: number;
  at(column: string): string;
}

/** Delta files mark each record; files of everything leave the column empty. */
function isActive(row: Row): boolean {
  return row.at('status') !== 'tobedeleted';
}

/** The rows of a file with their cells by column; null where it is no table or lacks a column that is needed. */
function readRows(bytes: Uint8Array, needed: readonly string[]): readonly Row[] | null {
  const table = readTable(
    decodeText(bytes),
    (header) => header.filter((cell) => needed.includes(cell)).length,
  );
  if (!table.ok || !needed.every((column) => table.header.includes(column))) return null;
  const places = new Map(table.header.map((column, index) => [column, index]));
  return table.records.map((record: TableRecord) => ({
    row: record.row,
    at: (column) => record.cells[places.get(column) ?? -1] ?? '',
  }));
}
