import { deed } from '../deed';
import { requirementsSchema } from './requirementsSchema';

/** How somebody's hand-in would stand before and after, in points of the bays. */
export interface StandingChange {
  readonly writer: string;
  readonly before: number;
  readonly after: number;
  readonly possible: number;
}

/** Says whose evidence would change if the requirements became others. Nothing is changed. */
export const previewEvidence = deed({
  name: 'previewEvidence',
  on: 'assignment',
  action: 'assignment.change',
  looksOnly: true,
  outside: true,
  fields: {
    requirements: requirementsSchema,
  },
}).answers<{ readonly changes: readonly StandingChange[] }>();
