import type { Told } from '../../core/safety/told';
import { door } from '../door';
import { idSchema } from '../idSchema';
import { worryWordsSchema } from '../worries/worryWords';

/** Tells whoever looks after worries about a published post or a comment under it. */
export const tellWorry = door({
  path: '/api/worry',
  method: 'POST',
  by: 'anybody',
  fields: {
    blog: { type: 'string', maxLength: 60 },
    post: { type: 'string', maxLength: 100 },
    words: worryWordsSchema,
    /** A comment under the post that it is about. */
    comment: idSchema,
  },
  optional: ['comment'],
}).answers<Told>();
