import { idSchema } from '../idSchema';
import { door } from '../door';

/** Tells the teachers of a class that something is wrong with a post or a comment under it. */
export const tellTeacher = door({
  path: '/api/concern',
  method: 'POST',
  by: 'anybody',
  fields: {
    blog: { type: 'string', maxLength: 60 },
    post: { type: 'string', maxLength: 100 },
    words: { type: 'string', maxLength: 2000 },
    /** A comment under the post that it is about. */
    comment: idSchema,
  },
  optional: ['comment'],
}).answers<null>();
