import { deed } from '../deed';

/** What goes with an assignment, counted before it does. */
export interface AssignmentHoldings {
  readonly posts: number;
  readonly handedIn: number;
  readonly published: number;
  readonly comments: number;
}

/** Says what goes with an assignment, before anything is done. */
export const previewAssignmentDeletion = deed({
  name: 'previewAssignmentDeletion',
  on: 'assignment',
  action: 'assignment.erase',
  looksOnly: true,
}).answers<AssignmentHoldings>();
