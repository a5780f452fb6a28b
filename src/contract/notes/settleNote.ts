import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** A teacher says that nothing more is to be done about a note, or that something is after all. */
export const settleNote = deed({
  name: 'settleNote',
  on: 'post',
  action: 'post.review',
  fields: { noteId: idSchema, settled: { type: 'boolean' } },
}).answers<null>();
