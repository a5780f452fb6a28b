import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Takes a picture out of the class pictures, so that nobody chooses it again. Posts that show it keep it. */
export const takeOutPicture = deed({
  name: 'takeOutPicture',
  on: 'class',
  action: 'class.guard',
  fields: {
    pictureId: idSchema,
  },
}).answers<object>();
