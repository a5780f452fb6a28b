import { deed } from '../deed';
import { labelSchema } from './labelSchema';

/** Adds a label to the class's set. */
export const addLabel = deed({
  name: 'addLabel',
  on: 'class',
  action: 'class.change',
  fields: {
    label: labelSchema,
  },
}).answers<object>();
