import { takeOutPicture as deed } from '../../../contract/pictures/takeOutPicture';
import { done, NOT_THERE } from '../../ground/access/useCase';
import { classUseCase } from '../subjects/classUseCase';
import { markTakenOut } from './classPictures';

export const takeOutPicture = classUseCase(deed, {
  async run({ classId, pictureId }, _, { database, personId, now }) {
    const taken = await markTakenOut(database, { id: pictureId, classId, by: personId, at: now });
    return taken === 1 ? done({}) : NOT_THERE;
  },
});
