import { BANNERS, LETTERINGS, LOOKS, type Look } from '../../core/looks/looks';
import { done } from '../access/useCase';
import { classUseCase } from './classUseCase';
import { updateLook } from './queries';

interface Input extends Look {
  readonly classId: string;
}

/** Gives a class blog its colours, banner and typefaces. */
export const changeLook = classUseCase<Input, null>({
  name: 'changeLook',
  action: 'class.change',
  fields: { look: { enum: LOOKS }, banner: { enum: BANNERS }, lettering: { enum: LETTERINGS } },
  async run({ classId, ...look }, _, { database }) {
    await updateLook(database, classId, look);
    return done(null);
  },
});
