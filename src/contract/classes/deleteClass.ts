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
    /** The title of the class, typed by hand. */
    title: { type: 'string', maxLength: 200 },
  },
}).answers<{ readonly eraseAt: string }>();
