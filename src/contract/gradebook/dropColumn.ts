import { deed } from '../deed';

/** Takes away a column that no post stands behind, with all figures in it. */
export const dropColumn = deed({
  name: 'dropColumn',
  on: 'class',
  action: 'gradebook.change',
  fields: { columnId: { type: 'string', maxLength: 16 } },
}).answers<null>();
