import { addressesOf } from '../../../contract/addresses';
import { sendNotes as deed } from '../../../contract/notes/sendNotes';
import { done } from '../../ground/access/useCase';
import { sendTypedNotes } from '../../tables/notes';
import { notify } from '../mail/notify';
import { handInUseCase } from '../subjects/handInUseCase';

export const sendNotes = handInUseCase(deed, {
  async run({ postId }, { post, inClass }, { database, personId, now }) {
    const sent = await sendTypedNotes(database, { postId, authorId: personId, now });
    if (sent > 0)
      await notify(database, [post.writerId], {
        kind: 'notes',
        path: addressesOf(post.classId).post(postId),
        language: inClass.language,
        now,
      });
    return done({ sent });
  },
});
