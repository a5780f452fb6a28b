import { meanDetail as deed } from '../../../contract/details/meanDetail';
import { done, refused } from '../../ground/access/useCase';
import { deleteDetailDecision, upsertDetailDecision } from '../../tables/detailDecisions';
import { findRevision } from '../../tables/revisions';
import { handInUseCase } from '../subjects/handInUseCase';
import { findDetailsIn } from './findDetailsIn';

export const meanDetail = handInUseCase(deed, {
  async prepare(_, { post, inClass, latest }, { database, personId }) {
    const { revisionId } = latest;
    const writing = await findRevision(database, revisionId);
    const found =
      writing &&
      (await findDetailsIn(database, { postId: post.id, revisionId, writing, inClass, by: personId }));
    return found ? done(found) : refused('sameMoment');
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
