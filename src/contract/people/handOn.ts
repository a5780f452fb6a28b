import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** A teacher of the home class lets another class of the student speak for them. Both logs have it. */
export const handOn = deed({
  name: 'handOn',
  on: 'class',
  action: 'roster.change',
  whileResting: true,
  fields: {
    personId: idSchema,
    /** The class that speaks for the student from now on: one that they are in. */
    toClassId: idSchema,
  },
}).answers<null>();
