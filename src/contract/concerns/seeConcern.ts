import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Says that a teacher has looked into what a reader told. */
export const seeConcern = deed({
  name: 'seeConcern',
  on: 'class',
  action: 'class.teach',
  whileResting: true,
  fields: {
    concernId: idSchema,
  },
}).answers<null>();
