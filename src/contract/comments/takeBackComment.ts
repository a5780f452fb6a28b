import { deed } from '../deed';

/** Takes back a comment of one's own: it is gone. */
export const takeBackComment = deed({
  name: 'takeBackComment',
  on: 'comment',
  action: 'comment.takeBack',
}).answers<object>();
