import { deed } from '../deed';
import { personIds } from '../personIds';

/** Reminds some students of an assignment: on their Today, and by mail where they have an address. */
export const remindStudents = deed({
  name: 'remindStudents',
  on: 'assignment',
  action: 'assignment.change',
  fields: {
    personIds,
    /** Nothing but white space is refused. */
    words: { type: 'string', maxLength: 1000 },
  },
}).answers<{ readonly reminded: number; readonly mailed: number }>();
