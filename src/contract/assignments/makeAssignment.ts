import { deed } from '../deed';

/** Begins a new assignment that only the teachers see until it is set. */
export const makeAssignment = deed({
  name: 'makeAssignment',
  on: 'class',
  action: 'assignment.make',
}).answers<{ readonly assignmentId: string }>();
