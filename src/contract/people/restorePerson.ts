import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Brings a deleted student back, with the places and readers that they had, while that is still possible. */
export const restorePerson = deed({
  name: 'restorePerson',
  on: 'class',
  action: 'roster.change',
  whileResting: true,
  fields: {
    personId: idSchema,
  },
}).answers<null>();
