import { beAtReview as deed } from '../../../contract/reviews/beAtReview';
import { done } from '../../ground/access/useCase';
import { upsertSlipReader } from '../../tables/slipReaders';
import { handInUseCase } from '../subjects/handInUseCase';
import { findAtSlip, TAKEN_FOR } from './atSlip';

export const beAtReview = handInUseCase(deed, {
  besidePost: true,
  async run({ leaving = false }, { post }, { database, personId, now }) {
    // What is answered waits for nobody.
    if (post.stage === 'handedIn')
      await upsertSlipReader(database, {
        postId: post.id,
        readerId: personId,
        now,
        open: !leaving,
        takenSince: new Date(now.getTime() - TAKEN_FOR),
      });
    return done(await findAtSlip(database, post.id, { personId, now }));
  },
});
