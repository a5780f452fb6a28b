import { door } from '../door';

/** Asks for a link to a new password. */
export const forgetPassword = door({
  path: '/api/password',
  method: 'POST',
  by: 'anybody',
  fields: { email: { type: 'string', maxLength: 254 } },
}).answers<null>();
