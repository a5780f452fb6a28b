import { door } from '../door';

/** Chooses a new password by a link that was sent. */
export const renewPassword = door({
  path: '/api/password',
  method: 'PUT',
  by: 'anybody',
  fields: {
    token: { type: 'string', minLength: 1, maxLength: 100 },
    password: { type: 'string', maxLength: 200 },
  },
}).answers<null>();
