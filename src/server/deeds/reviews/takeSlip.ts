import { takeSlip as deed } from '../../../contract/reviews/takeSlip';
import { done, refused } from '../../ground/access/useCase';
import { updateTaken } from '../../tables/slipReaders';
import { handInUseCase } from '../subjects/handInUseCase';
import { findAtSlip } from './atSlip';

export const takeSlip = handInUseCase(deed, {
  async run({ taken }, { post }, { database, personId, now }) {
    if (post.stage !== 'handedIn') return refused('post.cannotFollow');
    const { takenBy } = await findAtSlip(database, post.id, { personId, now });
    if (takenBy && !takenBy.mine) return refused('review.taken', undefined, { name: takenBy.name });
    await updateTaken(database, { postId: post.id, readerId: personId, now, taken });
    return done(await findAtSlip(database, post.id, { personId, now }));
  },
});
