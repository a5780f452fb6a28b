import { deed } from '../deed';

/** Writes a note on the whole post; its writer reads it beside the words. */
export const writeNote = deed({
  name: 'writeNote',
  on: 'handIn',
  action: 'post.review',
  fields: {
    text: { type: 'string', minLength: 1, maxLength: 4000 },
  },
}).answers<{ readonly noteId: string }>();
