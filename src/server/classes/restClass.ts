import { done } from '../access/useCase';
import { classUseCase } from './classUseCase';
import { updateRested } from './queries';

interface Input {
  readonly classId: string;
  readonly rest: boolean;
}

/** Puts a class to rest, readable and closed to writing, or wakes it. */
export const restClass = classUseCase<Input, null>({
  name: 'restClass',
  action: 'class.change',
  whileResting: true,
  fields: { rest: { type: 'boolean' } },
  async run({ classId, rest }, _, { database, now }) {
    await updateRested(database, classId, rest ? now : null);
    return done(null);
  },
});
