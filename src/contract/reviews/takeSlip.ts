import { deed } from '../deed';
import type { AtReview } from './atReview';

/** Says to the other teachers that one reads this post, or no longer. It holds for half an hour after the page was last used. */
export const takeSlip = deed({
  name: 'takeSlip',
  on: 'handIn',
  action: 'post.review',
  unlogged: true,
  fields: { taken: { type: 'boolean' } },
}).answers<AtReview>();
