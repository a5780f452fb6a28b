import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** A writer answers a note, or says that it is done, or both. */
export const answerNote = deed({
  name: 'answerNote',
  on: 'post',
  action: 'note.answer',
  fields: {
    noteId: idSchema,
    /** May be empty where it says that it is done. */
    text: { type: 'string', maxLength: 2000 },
    done: { type: 'boolean' },
  },
}).answers<null>();
