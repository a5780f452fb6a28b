import { deed } from '../deed';

/** The writer of a post has read who opened where it came from: it is not told as new any more. */
export const seeOpenings = deed({
  name: 'seeOpenings',
  on: 'post',
  action: 'origin.read',
  unlogged: true,
  fields: {},
}).answers<null>();
