import { door } from '../door';

/** Shows a passphrase for a class blog, or for one post of it. */
export const showPassphrase = door({
  path: '/api/passphrase',
  method: 'POST',
  by: 'anybody',
  fields: {
    blog: { type: 'string', maxLength: 60 },
    /** The address of the post that is looked at, if one is. */
    post: { type: 'string', maxLength: 100 },
    passphrase: { type: 'string', minLength: 1, maxLength: 200 },
  },
  optional: ['post'],
}).answers<null>();
