import { deed } from '../deed';
import { idSchema } from '../idSchema';

/**
 * Deletes anybody who does not teach: a student of several teachers' classes, one with an account of their own, a reader.
 * As with every person: hidden at once, brought back within a month if wanted, then gone for good.
 */
export const deleteAnybody = deed({
  name: 'deleteAnybody',
  on: 'install',
  action: 'install.manage',
  fields: { personId: idSchema },
}).answers<{ readonly eraseAt: string }>();
