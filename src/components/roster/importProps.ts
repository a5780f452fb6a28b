import type { ImportPlan as Planned } from '../../contract/people/importPlan';
import type { Sent } from '../basics/call';

/** A plan as the server made it. */
export type ImportPlan = Sent<Planned>;
export type PlannedRow = ImportPlan['rows'][number];
type Outcome = PlannedRow['outcome'];

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
