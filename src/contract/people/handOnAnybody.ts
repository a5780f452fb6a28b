import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** An administrator does the same, also for a student whose home class is gone. */
export const handOnAnybody = deed({
  name: 'handOnAnybody',
  on: 'install',
  action: 'install.manage',
  fields: {
    personId: idSchema,
    /** The class that speaks for the student from now on: one that they are in. */
    toClassId: idSchema,
  },
}).answers<null>();
