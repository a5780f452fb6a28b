import { sendNotes as deed } from '../../../contract/notes/sendNotes';
import { done } from '../../ground/access/useCase';
import { sendTypedNotes } from '../../tables/notes';
import { handInUseCase } from '../subjects/handInUseCase';

export const sendNotes = handInUseCase(deed, {
  async run({ postId }, _, { database, personId, now }) {
    return done({ sent: await sendTypedNotes(database, { postId, authorId: personId, now }) });
  },
});
