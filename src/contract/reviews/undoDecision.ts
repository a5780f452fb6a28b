import { deed } from '../deed';

/** Undoes what one decided about a post a moment ago, before it counts. */
export const undoDecision = deed({
  name: 'undoDecision',
  on: 'post',
  action: 'post.review',
  unlogged: true,
}).answers<null>();
