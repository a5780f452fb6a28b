import { idSchema } from '../input/idSchema';
import { done, NOT_THERE } from '../access/useCase';
import { classUseCase } from '../classes/classUseCase';
import { markSeen } from './queries';

interface Input {
  readonly classId: string;
  readonly concernId: string;
}

/** Says that a teacher has looked into what a reader told. */
export const seeConcern = classUseCase<Input, null>({
  name: 'seeConcern',
  action: 'class.teach',
  whileResting: true,
  fields: { concernId: idSchema },
  async run({ classId, concernId }, _, { database, personId, now }) {
    return (await markSeen(database, { id: concernId, classId, by: personId, at: now })) > 0
      ? done(null)
      : NOT_THERE;
  },
});
