import type { Audience } from '../../core/access/audience';
import { deed } from '../deed';

/** Accepts a hand-in; where the assignment says so, that very revision reaches its audience. */
export const accept = deed({
  name: 'accept',
  on: 'handIn',
  action: 'post.review',
}).answers<{ readonly reaches: Audience | null }>();
