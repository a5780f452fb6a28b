import { meanDetail as deed } from '../../../contract/details/meanDetail';
import { done, refused } from '../../ground/access/useCase';
import { deleteDetailDecision, upsertDetailDecision } from '../../tables/detailDecisions';
import { handInUseCase } from '../subjects/handInUseCase';
import { lookThrough } from './findDetailsIn';

export const meanDetail = handInUseCase(deed, {
  async prepare({ reason }, { post, inClass, latest: { revisionId } }, { database, personId }) {
    // What is taken back need not be there any more.
    if (reason === null) return done([]);
    return lookThrough(database, { postId: post.id, revisionId, inClass, by: personId });
  },
  async run({ detail: key, reason }, { post }, { database, personId, now }, found) {
    if (reason === null) {
      await deleteDetailDecision(database, post.id, key);
      return done(null);
    }
    if (!reason.trim()) return refused('review.noReasonForDetail', 'reason');
    const detail = found.find((one) => one.key === key);
    if (!detail) return refused('review.noDetail');
    const { kind } = detail;
    await upsertDetailDecision(database, {
      postId: post.id,
      kind,
      key,
      reason: reason.trim(),
      by: personId,
      at: now,
    });
    return done(null, { before: null, after: kind });
  },
});
