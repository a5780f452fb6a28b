import { deed } from '../deed';

/**
 * Opens where the text of a handed-in post came from, for the teacher who asks and for half an hour. Its writer is told each time, with
 * the teacher's name.
 */
export const openOrigin = deed({
  name: 'openOrigin',
  on: 'post',
  action: 'origin.open',
  fields: {},
}).answers<null>();
