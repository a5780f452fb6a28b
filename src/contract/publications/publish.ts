import { AUDIENCES } from '../../core/access/audience';
import { deed } from '../deed';

/** A teacher decides who reads an accepted post: publishes it, widens or narrows its audience. See `narrowPost`, too. */
export const publish = deed({
  name: 'publish',
  on: 'post',
  action: 'post.publish',
  fields: {
    audience: { enum: AUDIENCES },
  },
}).answers<null>();
