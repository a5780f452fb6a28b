import { deed } from '../deed';
import { termOrYearField } from './termField';

/** Gives a student another mark for a term, or for the year, than the computed one. */
export const keepFinalMark = deed({
  name: 'keepFinalMark',
  on: 'class',
  action: 'gradebook.change',
  fields: {
    term: termOrYearField,
    personId: { type: 'string', maxLength: 16 },
    /** A word of the school's scale or a figure; null takes it back. */
    mark: { anyOf: [{ type: 'string', minLength: 1, maxLength: 40 }, { type: 'null' }] },
    reason: { type: 'string', maxLength: 300 },
    /** The other mark that stood there in the eyes of who gives it, if any. */
    was: { anyOf: [{ type: 'string', maxLength: 40 }, { type: 'null' }] },
  },
}).answers<null>();
