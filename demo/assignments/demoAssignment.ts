import type { AssignmentSettings } from '../../src/core/assignments/assignmentSettings';
import type { Level } from '../../src/core/assignments/rubric';

/** An assignment of the demo class. Days are counted from today; `setBefore` null is one that is not set yet. */
export interface DemoAssignment {
  readonly key: string;
  readonly setBefore: number | null;
  readonly dueIn: number;
  readonly fields: Omit<AssignmentSettings, 'growing'>;
  /** How a post of it grows; days are counted from today. */
  readonly growing?: {
    readonly startIn: number;
    readonly milestones: readonly { readonly in: number; readonly entries: number }[];
  };
}

export const level = (points: number, description: string): Level => ({ points, description });
