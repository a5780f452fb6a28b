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

/**
 * The classes of OneRoster 1.2 CSV files (classes.csv, enrollments.csv, users.csv) that are not to be deleted, each with as many
 * students as `readOneRoster` finds in it.
 */
export function listOneRosterClasses(classes: Uint8Array, { users, enrollments }: Files): OneRosterClasses {
  const rows = readRows(classes, ['sourcedId', 'title']);
  const enrolled = readRows(enrollments, ['classSourcedId', 'userSourcedId', 'role']);
  if (!rows || !enrolled) return { ok: false, problem: 'noEnrollmentColumns' };
  const people = readRows(users, ['sourcedId', 'givenName', 'familyName']);
  if (!people) return { ok: false, problem: 'noUserColumns' };
  return {
    ok: true,
    classes: rows.filter(isActive).map((row) => ({
      id: row.at('sourcedId'),
      title: row.at('title'),
      students: studentsOf(row.at('sourcedId'), people, enrolled).records.length,
    })),
  };
}

/**
 * The students of one class in OneRoster 1.2 CSV files (users.csv, enrollments.csv). A record's row is its place in
 * users.csv. Those who are marked to be deleted, and grown-ups, are named and left out.
 */
export function readOneRoster({ users, enrollments }: Files, classId: string): RosterFile {
  const people = readRows(users, ['sourcedId', 'givenName', 'familyName']);
  if (!people) return { ok: false, problem: 'noUserColumns' };
  const enrolled = readRows(enrollments, ['classSourcedId', 'userSourcedId', 'role']);
  if (!enrolled) return { ok: false, problem: 'noEnrollmentColumns' };
  return { ok: true, ...studentsOf(classId, people, enrolled) };
}

/** The students of a class, and who else is enrolled in it or is there no longer. */
function studentsOf(classId: string, people: readonly Row[], enrolled: readonly Row[]) {
  const places = new Map(
    enrolled
      .filter((one) => one.at('classSourcedId') === classId)
      .map((one) => [one.at('userSourcedId'), one]),
  );
  const records: RosterRecord[] = [];
  const leftOut: (RosterRemark & { readonly text: string })[] = [];
  for (const person of people) {
    const enrollment = places.get(person.at('sourcedId'));
    if (!enrollment) continue;
    places.delete(person.at('sourcedId'));
    const record = recordOf(person);
    const { row, name: text } = record;
    if (!isActive(person) || !isActive(enrollment))
      leftOut.push({ row, field: 'status', reason: 'noLongerThere', text });
    else if (enrollment.at('role') !== 'student')
      leftOut.push({ row, field: 'role', reason: 'notAStudent', text });
    else records.push(record);
  }
  // Whoever is enrolled and stands nowhere is named by what the files have of them.
  const missing = [...places].map(([id]): RosterRemark => ({ row: 1, field: id, reason: 'noSuchUser' }));
  const warnings = [...leftOut.map(({ text: _, ...remark }): RosterRemark => remark), ...missing];
  return { records, leftOut, warnings };
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
