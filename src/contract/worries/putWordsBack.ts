import { deed } from '../deed';
import { maybeIdSchema } from '../idSchema';

/**
 * Puts words before their readers again that are away only until it is decided: a teacher's, where it was a prank. It says
 * neither who told nor what.
 */
export const putWordsBack = deed({
  name: 'putWordsBack',
  on: 'post',
  action: 'words.putBack',
  whileResting: true,
  fields: {
    /** What is said under the post; null for the post itself. */
    commentId: maybeIdSchema,
  },
}).answers<null>();
