import type { Slat } from '../../core/requirements/slats';

/** One post of the reading pile. */
export interface Slip {
  readonly postId: string;
  readonly writer: string;
  readonly monogram: string;
  /** The class that it comes from, where there are several. */
  readonly group: string | null;
  readonly assignment: string;
  readonly assignmentNumber: number;
  readonly hoursWaiting: number;
  /** The how-many-th hand-in it is, from 1. */
  readonly ordinal: number;
  readonly daysLate: number;
  readonly slats: readonly Slat[];
}
