import type { RosterReason, RosterRecord } from '../../core/roster/rosterRecord';
import { rosterSource } from './rosterSource';

/** A teacher's answers to "is this the one who is here?", by row. Rows that are not named are left out. */
export interface Choices {
  readonly same: readonly number[];
  readonly another: readonly number[];
}

/** What would become of one row. */
export type PlannedRow = {
  readonly row: number;
  /** The name as it was read, or what stands in the row where no name was found. */
  readonly name: string;
  readonly warnings: readonly RosterReason[];
} & (
  | { readonly outcome: 'made'; readonly record: RosterRecord; readonly shownAs: string }
  /** Here already: nothing changes. */
  | {
      readonly outcome: 'same';
      readonly shownAs: string;
      readonly since: Date;
      /** Whether a teacher may say that it is another all the same: where only the name says who it is. */
      readonly byName: boolean;
    }
  /** Known in the school, or here once: is taken into the class. */
  | {
      readonly outcome: 'joins';
      readonly record: RosterRecord;
      readonly personId: string;
      readonly shownAs: string;
    }
  /** A student of others: their home class is asked. */
  | {
      readonly outcome: 'asks';
      readonly record: RosterRecord;
      readonly personId: string;
      readonly shownAs: string;
    }
  /** The same as somebody, or another? Of whom: in this class, in another of this teacher's, or in a row of the list itself. */
  | {
      readonly outcome: 'choice';
      readonly shownAs: string;
      readonly of: 'here' | 'elsewhere' | 'earlier';
      /** What speaks against one. */
      readonly though: 'name' | null;
    }
  | { readonly outcome: 'refused'; readonly field: string; readonly reason: RosterReason }
);

export interface ImportPlan {
  readonly rows: readonly PlannedRow[];
  /** Whether it has to be said which of two columns is the family name. */
  readonly asksOrder: boolean;
  /** Remarks on the file as a whole, such as columns that were left alone. */
  readonly remarks: readonly { readonly field: string; readonly reason: RosterReason }[];
}

const rows = { type: 'array', maxItems: 20_000, items: { type: 'integer', minimum: 1 } } as const;

/** JSON Schemas of what an import and its preview are told. */
export const importFields = { source: rosterSource, same: rows, another: rows };
