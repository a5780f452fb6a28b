import { deed } from '../deed';
import { termField } from './termField';

/** Closes a term: its marks stand still from now on. */
export const closeTerm = deed({
  name: 'closeTerm',
  on: 'class',
  action: 'gradebook.change',
  fields: {
    term: termField,
    /** Why it is closed although something is left to do; null where nothing is. */
    reason: { anyOf: [{ type: 'string', minLength: 1, maxLength: 300 }, { type: 'null' }] },
    /** What was left to do in the eyes of who closes it. */
    unread: { type: 'integer', minimum: 0 },
    notBack: { type: 'integer', minimum: 0 },
  },
}).answers<null>();
