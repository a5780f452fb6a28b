import { openHandIn as deed } from '../../contract/reviews/openHandIn';
import { done } from '../access/useCase';
import { handInUseCase } from './handInUseCase';
import { insertReading } from './queries';

export const openHandIn = handInUseCase(deed, {
  async run(_, { latest }, { database, personId, now }) {
    await insertReading(database, { handInId: latest.id, teacherId: personId, at: now });
    return done(null);
  },
});
