import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Takes an own note away, from its reader too. */
export const dropNote = deed({
  name: 'dropNote',
  on: 'post',
  action: 'post.review',
  fields: { noteId: idSchema },
}).answers<null>();
