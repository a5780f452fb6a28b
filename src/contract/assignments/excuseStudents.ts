import { deed } from '../deed';
import { personIds } from '../personIds';

/** Asks nothing of some students for an assignment, or asks it again. */
export const excuseStudents = deed({
  name: 'excuseStudents',
  on: 'assignment',
  action: 'assignment.change',
  fields: {
    personIds,
    excused: { type: 'boolean' },
  },
}).answers<{ readonly changed: number }>();
