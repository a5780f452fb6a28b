import { deed } from '../deed';

/**
 * Takes an assignment from the students' sight again, while nobody has begun it: in its class, and in the other classes of the
 * teacher's that it is given to.
 */
export const unsetAssignment = deed({
  name: 'unsetAssignment',
  on: 'assignment',
  action: 'assignment.change',
}).answers<null>();
