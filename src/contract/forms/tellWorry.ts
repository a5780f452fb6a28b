import { idSchema } from '../idSchema';
import { formOf } from '../plainForm';
import { worryWordsSchema } from '../worries/worryWords';

/** Tells whoever looks after worries about a published post or a comment under it. */
export const tellWorry = formOf({
  fields: {
    blog: { type: 'string', maxLength: 60 },
    post: { type: 'string', maxLength: 100 },
    words: worryWordsSchema,
    /** A comment under the post that it is about. */
    comment: idSchema,
  },
  optional: ['comment'],
});
