import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Brings a deleted assignment back with its posts, while that is still possible. */
export const restoreAssignment = deed({
  name: 'restoreAssignment',
  on: 'class',
  action: 'assignment.erase',
  fields: { assignmentId: idSchema },
}).answers<null>();
