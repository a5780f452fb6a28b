import { LONGEST_ANSWER } from '../../core/notes/note';
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
    text: { type: 'string', maxLength: LONGEST_ANSWER },
    done: { type: 'boolean' },
  },
}).answers<null>();
