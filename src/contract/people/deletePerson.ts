import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Deletes a student of the class: hidden at once, brought back within a month if wanted, then gone for good. */
export const deletePerson = deed({
  name: 'deletePerson',
  on: 'class',
  action: 'roster.change',
  whileResting: true,
  fields: { personId: idSchema },
}).answers<{ readonly eraseAt: string }>();
