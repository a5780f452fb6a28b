import type { RosterFile, RosterReason, RosterRemark } from '../core/roster/rosterRecord';

const REASONS: Readonly<Record<RosterReason, string>> = {
  noName: 'there is no name',
  nameTooLong: 'it is longer than 120 characters',
  fieldTooLong: 'it is longer than can be kept',
  notAnAddress: 'it has not the form of an e-mail address',
  standsEarlier: 'it stands earlier in the file',
  severalNames: 'there is more than one name',
  nameTwice: 'the name stands earlier in the file',
  samePersonTwice: 'the same person stands earlier in the file',
  differentPerson: 'it belongs to somebody else who is there already, or that person has another one',
  unknownColumn: 'this column is not known and is left alone',
  columnTwice: 'this column stands earlier and is left alone here',
  moreCells: 'there are more cells than columns',
  noLongerThere: 'marked to be deleted',
  notAStudent: 'not a student of the class',
  deleted: 'the student was deleted',
  grownUp: 'it belongs to somebody with an account of their own',
  belongsToAnother: 'the identifier or address belongs to somebody who is there',
  sameAsEarlier: 'the same as earlier in the list',
  noSuchUser: 'enrolled, but not among the users',
};

/** A remark with its reason in words. */
export function reasonOf({ row, field, reason }: RosterRemark) {
  return { row, field, reason: REASONS[reason] };
}

/** Why a file cannot be read, in one line. */
export function problemOf({ problem, row }: Extract<RosterFile, { readonly ok: false }>): string {
  if (problem === 'openQuote') return `record ${row ?? 1} opens a quotation mark that is never closed`;
  if (problem === 'notCsv') return 'it is no table of comma-, semicolon- or tab-separated values';
  return 'no column is named name, given name or family name';
}
