import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Lets a supply teacher stay to another last day. */
export const changeLastDay = deed({
  name: 'changeLastDay',
  on: 'class',
  action: 'roster.change',
  fields: {
    personId: idSchema,
    /** A local date of the class; the day counts to its end. */
    lastDay: { type: 'string', format: 'date' },
  },
}).answers<null>();
