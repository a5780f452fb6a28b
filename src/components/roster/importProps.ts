export type Outcome = 'made' | 'same' | 'joins' | 'asks' | 'choice' | 'refused';

/** What would become of one row, as the server planned it. */
export interface PlannedRow {
  readonly row: number;
  readonly name: string;
  readonly warnings: readonly string[];
  readonly outcome: Outcome;
  readonly shownAs?: string;
  readonly reason?: string;
}

export interface ImportPlan {
  readonly rows: readonly PlannedRow[];
  readonly remarks: readonly { readonly field: string; readonly reason: string }[];
}

/** A teacher's answers, by row. */
export interface Choices {
  readonly same: readonly number[];
  readonly another: readonly number[];
}

/** How many rows of a plan come to each end. */
export function countOutcomes(rows: readonly PlannedRow[]): Readonly<Record<Outcome, number>> {
  const counts = { made: 0, same: 0, joins: 0, asks: 0, choice: 0, refused: 0 };
  for (const { outcome } of rows) counts[outcome] += 1;
  return counts;
}

/** Rows that somebody should look at before anything is made. */
export function wantsAnEye({ outcome, warnings }: PlannedRow): boolean {
  return outcome === 'refused' || outcome === 'choice' || warnings.length > 0;
}
