import { sendBack as deed } from '../../contract/reviews/sendBack';
import { maybeNextStage } from '../../core/posts/stage';
import { done, refused } from '../access/useCase';
import { newId } from '../database/newId';
import { updateStage } from '../posts/queries';
import { handInUseCase } from './handInUseCase';
import { insertDecision } from './queries';

export const sendBack = handInUseCase(deed, {
  async run(_, { post, latest }, { database, personId, now }) {
    const next = maybeNextStage(post.stage, 'sendBack');
    if (!next) return refused('post.cannotFollow');
    await updateStage(database, post.id, next);
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
