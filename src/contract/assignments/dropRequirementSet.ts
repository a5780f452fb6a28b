import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Lets go of a set of one's own; assignments that were made with it keep their requirements. */
export const dropRequirementSet = deed({
  name: 'dropRequirementSet',
  on: 'class',
  action: 'assignment.make',
  fields: {
    setId: idSchema,
  },
}).answers<object>();
