import { done } from '../access/useCase';
import { handInUseCase } from './handInUseCase';
import { insertReading } from './queries';

/** Notes that a teacher has opened a hand-in; from then on it cannot be taken back. */
export const openHandIn = handInUseCase<object, null>({
  name: 'openHandIn',
  async run(_, { latest }, { database, personId, now }) {
    await insertReading(database, { handInId: latest.id, teacherId: personId, at: now });
    return done(null);
  },
});
