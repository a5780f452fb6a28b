import { idSchema } from '../input/idSchema';
import { done, NOT_THERE } from '../access/useCase';
import { classUseCase } from '../classes/classUseCase';
import { markTakenOut } from './classPictures';

/** Takes a picture out of the class pictures, so that nobody chooses it again. Posts that show it keep it. */
export const takeOutPicture = classUseCase<{ readonly classId: string; readonly pictureId: string }, object>({
  name: 'takeOutPicture',
  action: 'class.teach',
  fields: { pictureId: idSchema },
  async run({ classId, pictureId }, _, { database, personId, now }) {
    const taken = await markTakenOut(database, { id: pictureId, classId, by: personId, at: now });
    return taken === 1 ? done({}) : NOT_THERE;
  },
});
