import { deed } from '../deed';

/** Brings a deleted class back, at rest as it was, while that is still possible. */
export const restoreClass = deed({
  name: 'restoreClass',
  on: 'class',
  action: 'class.delete',
  whileResting: true,
  whileDeleted: true,
}).answers<null>();
