import { deed } from '../deed';

/** Returns a post to its writer, notes and all. What readers see already stays as it is. */
export const sendBack = deed({
  name: 'sendBack',
  on: 'handIn',
  action: 'post.review',
}).answers<null>();
