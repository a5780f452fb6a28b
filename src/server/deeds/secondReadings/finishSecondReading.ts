import { finishSecondReading as deed } from '../../../contract/secondReadings/finishSecondReading';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { markSecondDone } from '../../tables/secondReadings';
import { handInUseCase } from '../subjects/handInUseCase';
import { readingOf } from '../grades/readingOf';

export const finishSecondReading = handInUseCase(deed, {
  async run(_, facts, { database, personId, now }) {
    const { second } = facts.post;
    if (second?.readerId !== personId || second.done) return NOT_THERE;
    const { figure } = await readingOf(database, facts, 'second');
    if (figure === null) return refused('review.provisional');
    await markSecondDone(database, facts.post.id, now);
    // The log says that they are done, and no figure: the first reader may not be.
    return done(null);
  },
});
