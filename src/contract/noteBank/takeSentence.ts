import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Counts that a sentence of the note bank was put into a note. */
export const takeSentence = deed({
  name: 'takeSentence',
  on: 'class',
  action: 'class.teach',
  unlogged: true,
  fields: { sentenceId: idSchema },
}).answers<null>();
