import { deed } from '../deed';

/**
 * Takes an assignment out of those that are one with it: it is deleted where nobody has begun it, and of a series nobody sees a
 * repetition, else it goes its own way from now on.
 */
export const partAssignment = deed({
  name: 'partAssignment',
  on: 'assignment',
  action: 'assignment.change',
}).answers<{ readonly deleted: boolean }>();
