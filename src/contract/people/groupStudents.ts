import { deed } from '../deed';
import { personIds } from '../personIds';

/** Puts students into a group of the class, or into none. */
export const groupStudents = deed({
  name: 'groupStudents',
  on: 'class',
  action: 'roster.change',
  fields: {
    personIds,
    group: { type: 'string', maxLength: 60 },
  },
}).answers<null>();
