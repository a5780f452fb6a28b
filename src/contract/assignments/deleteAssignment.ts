import { deed } from '../deed';

/**
 * Deletes an assignment in its class, with all posts that were begun for it. For a month it can be brought back whole; then it goes for
 * good. `posts`: how many the teacher was told that go with it; where there are others by now, nothing is done.
 */
export const deleteAssignment = deed({
  name: 'deleteAssignment',
  on: 'assignment',
  action: 'assignment.erase',
  fields: { posts: { type: 'integer', minimum: 0 } },
}).answers<{ readonly eraseAt: string }>();
