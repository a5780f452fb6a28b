import { door } from '../door';

/** Changes one's own password, which the present one is asked for. Every other device is signed out. */
export const changePassword = door({
  path: '/api/own-password',
  method: 'PUT',
  by: 'signedIn',
  fields: {
    present: { type: 'string', maxLength: 200 },
    password: { type: 'string', maxLength: 200 },
  },
}).answers<null>();
