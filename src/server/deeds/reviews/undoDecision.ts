import { undoDecision as deed } from '../../../contract/reviews/undoDecision';
import { done, refused } from '../../ground/access/useCase';
import { undoPending } from '../../tables/pendingDecisions';
import { postUseCase } from '../subjects/postUseCase';

export const undoDecision = postUseCase(deed, {
  turn: true,
  besidePost: true,
  async run({ postId }, _, { database, personId: by, now }) {
    return (await undoPending(database, { postId, by, now })) > 0
      ? done(null)
      : refused('review.tooLateToUndo');
  },
});
