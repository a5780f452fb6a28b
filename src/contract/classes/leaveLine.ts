import { deed } from '../deed';

/** Keeps the line that a teacher leaves to the others of a class. It is kept as it is written. */
export const leaveLine = deed({
  name: 'leaveLine',
  on: 'class',
  action: 'class.teach',
  unlogged: true,
  fields: {
    words: { type: 'string', maxLength: 1000 },
  },
}).answers<{ readonly version: number }>();
