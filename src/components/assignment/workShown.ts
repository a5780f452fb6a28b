import type { Step } from '../../core/assignments/growing';
import type { Slat } from '../../core/requirements/slats';

/** An assignment and how far a student's own post for it is. Times are in words, in the class's time zone. */
export interface WorkShown {
  readonly classId: string;
  readonly assignmentId: string;
  readonly title: string;
  /** Of the post as its writer has it now; empty before it has one. */
  readonly postTitle: string;
  readonly due: string | null;
  readonly dueDate: string | null;
  readonly dueTime: string | null;
  readonly past: boolean;
  /** What is due then of a post that grows; null for one that is written once. */
  readonly step: Step | null;
  readonly postId: string | null;
  readonly state: 'notBegun' | 'draft' | 'handedIn' | 'sentBack' | 'accepted';
  readonly slats: readonly Slat[] | null;
  /** Whether nothing is asked of them. */
  readonly excused: boolean;
  /** What a teacher reminded them of last; null where of nothing, and once it is handed in. */
  readonly reminder: string | null;
  readonly notes: number;
  /** How many of them came since the writer had the post open. */
  readonly newNotes: number;
  /** Teachers who opened where it came from since its writer read who did. */
  readonly originOpenedBy: readonly string[];
  /** The beginning of what a teacher said last. */
  readonly said: string | null;
  readonly grade: { readonly grade: number; readonly possible: number } | null;
}

/** A student's work in one class. */
export interface ClassWorkShown {
  readonly classId: string;
  readonly title: string;
  readonly groupName: string;
  readonly work: readonly WorkShown[];
}
