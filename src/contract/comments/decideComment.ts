import { KEPT_BACK_FOR } from '../../core/comments/rules';
import { deed } from '../deed';

/**
 * Lets a comment through to its readers, or keeps it back from them. Its author goes on seeing it, with why. Refused where somebody
 * else decided otherwise about it meanwhile.
 */
export const decideComment = deed({
  name: 'decideComment',
  on: 'comment',
  action: 'comment.tend',
  fields: {
    state: { enum: ['shown', 'keptBack'] },
    /** Of the comment as it stood before who decides. */
    version: { type: 'integer', minimum: 1 },
    /** Why it is kept back; null for no reason. */
    keptFor: { enum: [...KEPT_BACK_FOR, null] },
  },
}).answers<object>();
