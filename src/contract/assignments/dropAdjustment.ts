import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Asks of a student again what is asked of all. */
export const dropAdjustment = deed({
  name: 'dropAdjustment',
  on: 'assignment',
  action: 'assignment.change',
  fields: {
    personId: idSchema,
  },
}).answers<object>();
