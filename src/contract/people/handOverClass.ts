import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Makes a co-teacher the one who runs the class; who ran it teaches it with them from then on. */
export const handOverClass = deed({
  name: 'handOverClass',
  on: 'class',
  action: 'class.delete',
  whileResting: true,
  fields: { personId: idSchema },
}).answers<null>();
