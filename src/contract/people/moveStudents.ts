import { deed } from '../deed';
import { personIds } from '../personIds';
import { idSchema } from '../idSchema';

/**
 * Moves students to another class of the same teacher. What they wrote stays theirs, in the class where it was written. Whose
 * home the class was has it in the new one from now on; students of others are moved by their own teachers.
 */
export const moveStudents = deed({
  name: 'moveStudents',
  on: 'class',
  action: 'roster.change',
  fields: {
    personIds,
    toClassId: idSchema,
  },
}).answers<null>();
