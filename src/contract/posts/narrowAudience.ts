import { AUDIENCES } from '../../core/access/audience';
import { deed } from '../deed';

/** A writer asks that fewer people read a post than the assignment has it, or goes back to what the assignment has. */
export const narrowAudience = deed({
  name: 'narrowAudience',
  on: 'post',
  action: 'post.write',
  whileResting: true,
  fields: {
    audience: { enum: AUDIENCES },
  },
}).answers<null>();
