import { deed } from '../deed';

/**
 * Sets an assignment: from now on the students of its class see it and can begin, and those of the other classes that it
 * is given to.
 */
export const setAssignment = deed({
  name: 'setAssignment',
  on: 'assignment',
  action: 'assignment.change',
}).answers<null>();
