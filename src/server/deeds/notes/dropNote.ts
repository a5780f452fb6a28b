import { dropNote as deed } from '../../../contract/notes/dropNote';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { deleteNote, lockNote } from '../../tables/notes';
import { postUseCase } from '../subjects/postUseCase';

export const dropNote = postUseCase(deed, {
  async run({ noteId, postId }, _, { database, personId }) {
    const note = await lockNote(database, noteId, postId);
    if (note === null) return NOT_THERE;
    if (note.authorId !== personId) return refused('notes.notYours');
    await deleteNote(database, noteId);
    return done(null);
  },
});
