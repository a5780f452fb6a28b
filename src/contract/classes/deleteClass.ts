import { deed } from '../deed';

/**
 * Deletes a class: hidden at once, brought back within a month if wanted, then gone for good. Before that it was put to
 * rest and its archive was taken after, so that nothing was written that the archive does not have.
 */
export const deleteClass = deed({
  name: 'deleteClass',
  on: 'class',
  action: 'class.delete',
  whileResting: true,
  fields: {
    /** What the teacher was told that goes with it; where it is something else by now, nothing is done. */
    students: { type: 'integer', minimum: 0 },
    posts: { type: 'integer', minimum: 0 },
    pictures: { type: 'integer', minimum: 0 },
  },
}).answers<{ readonly eraseAt: string }>();
