import { deed } from '../deed';
import { labelSchema } from './labelSchema';

/** Takes a proposed label into the class's set, or declines it: readers are not shown it then. */
export const decideLabel = deed({
  name: 'decideLabel',
  on: 'class',
  action: 'class.change',
  fields: {
    label: labelSchema,
    take: { type: 'boolean' },
  },
}).answers<object>();
