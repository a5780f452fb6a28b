import { deed } from '../deed';

/** Begins a student's post for an assignment; who has begun it already is given the one there is. */
export const beginPost = deed({
  name: 'beginPost',
  on: 'assignment',
  action: 'post.begin',
}).answers<{ readonly postId: string }>();
