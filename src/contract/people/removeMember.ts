import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Lets a co-teacher or reader leave a class. A class keeps the teacher who runs it. */
export const removeMember = deed({
  name: 'removeMember',
  on: 'class',
  action: 'roster.change',
  whileResting: true,
  fields: {
    personId: idSchema,
  },
}).answers<null>();
