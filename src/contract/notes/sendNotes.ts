import { deed } from '../deed';

/** Sends the writer all notes that somebody has typed on a post, as they stand. */
export const sendNotes = deed({
  name: 'sendNotes',
  on: 'handIn',
  action: 'post.review',
}).answers<{ readonly sent: number }>();
