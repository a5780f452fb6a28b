import { formOf } from '../plainForm';

/** Shows a passphrase for a class blog, or for one post of it. */
export const showPassphrase = formOf({
  fields: {
    blog: { type: 'string', maxLength: 60 },
    /** The address of the post that is looked at, if one is. */
    post: { type: 'string', maxLength: 100 },
    passphrase: { type: 'string', minLength: 1, maxLength: 200 },
  },
  optional: ['post'],
});
