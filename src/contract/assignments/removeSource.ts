import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Takes a text away that own words are compared with. */
export const removeSource = deed({
  name: 'removeSource',
  on: 'assignment',
  action: 'assignment.change',
  fields: { sourceId: idSchema },
}).answers<null>();
