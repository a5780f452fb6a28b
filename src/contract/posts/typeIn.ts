import { deed } from '../deed';
import { idSchema } from '../idSchema';

/**
 * Begins a student's post for an assignment, to type in what they did on paper; the student is its writer. Who types it in writes in
 * it until it is handed in, or its writer writes on. Asked again, it is the same post.
 */
export const typeIn = deed({
  name: 'typeIn',
  on: 'assignment',
  action: 'post.typeIn',
  fields: { personId: idSchema },
}).answers<{ readonly postId: string }>();
