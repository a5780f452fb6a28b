import { idSchema } from '../idSchema';
import { deed } from '../deed';

/** Keeps a line of a teacher about a student, which nobody else reads. */
export const keepOwnLine = deed({
  name: 'keepOwnLine',
  on: 'class',
  action: 'gradebook.grade',
  fields: {
    personId: idSchema,
    /** Empty takes it away. */
    words: { type: 'string', maxLength: 1000 },
    /** As it stood before the eyes of who changes it. */
    was: { type: 'string', maxLength: 1000 },
  },
}).answers<null>();
