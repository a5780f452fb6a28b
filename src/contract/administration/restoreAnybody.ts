import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Brings back anybody who was deleted, while that is still possible. */
export const restoreAnybody = deed({
  name: 'restoreAnybody',
  on: 'install',
  action: 'install.manage',
  fields: { personId: idSchema },
}).answers<null>();
