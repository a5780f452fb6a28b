import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Keeps two students apart when groups are made, or does not any more. The list is its teacher's own: it stands in no log. */
export const keepApart = deed({
  name: 'keepApart',
  on: 'class',
  action: 'class.teach',
  unlogged: true,
  fields: { oneId: idSchema, otherId: idSchema, apart: { type: 'boolean' } },
}).answers<null>();
