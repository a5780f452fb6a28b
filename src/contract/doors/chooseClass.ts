import { idSchema } from '../idSchema';
import { door } from '../door';

/** Turns a session to another of the person's classes. */
export const chooseClass = door({
  path: '/api/session',
  method: 'PUT',
  by: 'signedIn',
  fields: { classId: idSchema },
}).answers<null>();
