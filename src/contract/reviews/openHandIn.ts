import { deed } from '../deed';

/** Notes that a teacher has opened a hand-in; from then on it cannot be taken back. */
export const openHandIn = deed({
  name: 'openHandIn',
  on: 'handIn',
  action: 'post.review',
}).answers<null>();
