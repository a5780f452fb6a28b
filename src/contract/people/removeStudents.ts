import { deed } from '../deed';
import { personIds } from '../personIds';

/** Lets students leave a class. Nothing that they wrote is touched, and they can be taken in again. */
export const removeStudents = deed({
  name: 'removeStudents',
  on: 'class',
  action: 'roster.change',
  fields: {
    personIds,
  },
}).answers<null>();
