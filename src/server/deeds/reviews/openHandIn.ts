import { openHandIn as deed } from '../../../contract/reviews/openHandIn';
import { done } from '../../ground/access/useCase';
import { insertReading } from '../../tables/readings';
import { handInUseCase } from '../subjects/handInUseCase';

export const openHandIn = handInUseCase(deed, {
  async run(_, { latest }, { database, personId, now }) {
    await insertReading(database, { handInId: latest.id, teacherId: personId, at: now });
    return done(null);
  },
});
