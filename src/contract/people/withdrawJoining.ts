import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** A class takes back what it asked of a home class. */
export const withdrawJoining = deed({
  name: 'withdrawJoining',
  on: 'class',
  action: 'roster.change',
  whileResting: true,
  fields: {
    personId: idSchema,
  },
}).answers<null>();
