import { AUDIENCES } from '../../core/access/audience';
import { deed } from '../deed';

/**
 * A teacher lets fewer people read what is before readers, or takes it down. That is always possible, whatever the writer has
 * handed in since: readers go on seeing the revision that was accepted, only fewer of them, or none.
 */
export const narrowPost = deed({
  name: 'narrowPost',
  on: 'post',
  action: 'post.narrow',
  whileResting: true,
  fields: {
    audience: { enum: AUDIENCES },
  },
}).answers<null>();
