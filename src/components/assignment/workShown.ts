import type { Slat } from '../../core/requirements/slats';

/** An assignment and how far a student's own post for it is. Times are in words, in the class's time zone. */
export interface WorkShown {
  readonly assignmentId: string;
  readonly title: string;
  readonly due: string | null;
  readonly dueDate: string | null;
  readonly dueTime: string | null;
  readonly past: boolean;
  readonly postId: string | null;
  readonly state: 'notBegun' | 'draft' | 'handedIn' | 'sentBack' | 'accepted';
  readonly slats: readonly Slat[] | null;
  readonly notes: number;
  readonly grade: { readonly grade: number; readonly possible: number } | null;
}
