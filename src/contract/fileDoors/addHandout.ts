import { fileDoor } from '../fileDoor';
import { idSchema } from '../idSchema';

/** Brings a file that is given out into a class. */
export const addHandout = fileDoor({
  path: '/api/handouts',
  fields: { classId: idSchema, name: { type: 'string', maxLength: 1000 } },
  most: 25 * 1024 * 1024,
  refusals: 'handout',
}).answers<{ readonly handoutId: string; readonly name: string }>();
