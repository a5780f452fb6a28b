import type { Told } from '../../core/safety/told';
import { deed } from '../deed';
import { idSchema } from '../idSchema';
import { worryWordsSchema } from './worryWords';

/** Tells whoever looks after worries about a teacher's note, or about what its reader answered. */
export const worryAboutNote = deed({
  name: 'worryAboutNote',
  on: 'post',
  action: 'note.read',
  unlogged: true,
  whileResting: true,
  fields: {
    noteId: idSchema,
    about: { enum: ['note', 'answer'] },
    words: worryWordsSchema,
  },
}).answers<Told>();
