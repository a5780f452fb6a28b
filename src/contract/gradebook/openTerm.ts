import { deed } from '../deed';
import { termField } from './termField';

/** Opens a closed term again: its marks follow the figures once more. */
export const openTerm = deed({
  name: 'openTerm',
  on: 'class',
  action: 'gradebook.change',
  fields: { term: termField },
}).answers<null>();
