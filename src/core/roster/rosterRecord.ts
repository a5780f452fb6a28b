/** What one record of a roster says about a person; what it does not say is null. Nothing is judged yet. */
export interface RosterRecord {
  /** The record's place in the file, its header being 1. */
  readonly row: number;
  readonly name: string;
  readonly givenName: string | null;
  readonly familyName: string | null;
  readonly email: string | null;
  /** The school's own identifier of the person. */
  readonly id: string | null;
  readonly group: string | null;
  readonly penName: string | null;
}

/** Something about one row: which field, and a key under `roster.reasons` in the message catalogue. */
export interface RosterRemark {
  readonly row: number;
  readonly field: string;
  readonly reason: RosterReason;
}

export type RosterReason =
  | 'noName'
  | 'nameTooLong'
  | 'fieldTooLong'
  | 'notAnAddress'
  | 'standsEarlier'
  | 'severalNames'
  | 'nameTwice'
  | 'samePersonTwice'
  | 'differentPerson'
  | 'unknownColumn'
  | 'columnTwice'
  | 'moreCells'
  | 'noLongerThere'
  | 'notAStudent'
  | 'deleted'
  | 'grownUp'
  | 'belongsToAnother'
  | 'sameAsEarlier'
  | 'noSuchUser';

/** The records of a file and what is to be said about them, or why it cannot be read at all. */
export type RosterFile =
  | {
      readonly ok: true;
      readonly records: readonly RosterRecord[];
      readonly warnings: readonly RosterRemark[];
      /** What is no student, or no longer there, with whoever it names. */
      readonly leftOut?: readonly (RosterRemark & { readonly text: string })[];
    }
  | { readonly ok: false; readonly problem: RosterProblem; readonly row?: number };

export type RosterProblem = 'notCsv' | 'openQuote' | 'noNameColumn' | 'noUserColumns' | 'noEnrollmentColumns';
