import { deed } from '../deed';
import { nameFields } from './fields';

/** Names a class: its title, the group it is for, the line under the title, the school. */
export const nameClass = deed({
  name: 'nameClass',
  on: 'class',
  action: 'class.change',
  fields: nameFields,
}).answers<null>();
