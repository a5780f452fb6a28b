import { sendNotes as deed } from '../../../contract/notes/sendNotes';
import { done } from '../../ground/access/useCase';
import { sendTypedNotes } from '../../tables/notes';
import { notifyWriter } from '../mail/notify';
import { handInUseCase } from '../subjects/handInUseCase';

export const sendNotes = handInUseCase(deed, {
  decides: true,
  async run({ postId }, { post, inClass }, { database, personId, now }) {
    const sent = await sendTypedNotes(database, { postId, authorId: personId, now });
    if (sent > 0) await notifyWriter(database, 'notes', { post, inClass }, now);
    return done({ sent });
  },
});
