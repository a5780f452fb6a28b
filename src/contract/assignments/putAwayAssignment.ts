import { deed } from '../deed';

/** Puts an assignment out of the way, or takes it out again: nobody begins one that is put away, and what was begun stays. */
export const putAwayAssignment = deed({
  name: 'putAwayAssignment',
  on: 'assignment',
  action: 'assignment.change',
  fields: { away: { type: 'boolean' } },
}).answers<null>();
