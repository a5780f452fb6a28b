import { sendBack as deed } from '../../../contract/reviews/sendBack';
import { maybeNextStage } from '../../../core/posts/stage';
import { done, refused } from '../../ground/access/useCase';
import { newId } from '../../ground/database/newId';
import { sendTypedNotes } from '../../tables/notes';
import { updateStage } from '../../tables/posts';
import { deleteSlipReaders } from '../../tables/slipReaders';
import { insertDecision } from '../../tables/decisions';
import { handInUseCase } from '../subjects/handInUseCase';

export const sendBack = handInUseCase(deed, {
  async run(_, { post, latest }, { database, personId, now }) {
    const next = maybeNextStage(post.stage, 'sendBack');
    if (!next) return refused('post.cannotFollow');
    await updateStage(database, post.id, next);
    await deleteSlipReaders(database, post.id);
    await sendTypedNotes(database, { postId: post.id, authorId: personId, now });
    await insertDecision(database, {
      id: newId(),
      handInId: latest.id,
      teacherId: personId,
      decision: 'sentBack',
      at: now,
    });
    return done(null);
  },
});
