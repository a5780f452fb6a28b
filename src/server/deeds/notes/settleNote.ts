import { settleNote as deed } from '../../../contract/notes/settleNote';
import { done, NOT_THERE } from '../../ground/access/useCase';
import { lockNote, updateSettled } from '../../tables/notes';
import { postUseCase } from '../subjects/postUseCase';

export const settleNote = postUseCase(deed, {
  async run({ noteId, postId, settled }, _, { database, now }) {
    const note = await lockNote(database, noteId, postId);
    // What is only typed is its author's alone, and nothing to be settled yet.
    if (note === null || note.sent === null) return NOT_THERE;
    if ((note.settledAt !== null) !== settled) await updateSettled(database, noteId, settled ? now : null);
    return done(null);
  },
});
