import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Makes a student an editor of the class blog, or a student among the others again. */
export const changeRole = deed({
  name: 'changeRole',
  on: 'class',
  action: 'roster.change',
  fields: {
    personId: idSchema,
    role: { enum: ['student', 'studentEditor'] },
  },
}).answers<null>();
