import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Gives a class whose teacher is gone another, who has a teacher's account in the install. */
export const giveTeacher = deed({
  name: 'giveTeacher',
  on: 'install',
  action: 'install.manage',
  fields: {
    classId: idSchema,
    /** Who runs the class from now on. */
    personId: idSchema,
    /** Whether who ran it so far stays as a co-teacher; else they are in the class no more. */
    formerStays: { type: 'boolean' },
  },
}).answers<null>();
