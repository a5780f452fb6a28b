import { door } from '../door';
import { idSchema } from '../idSchema';

/** Copies a picture from the web into a class, where a stranger can open it. */
export const copyPicture = door({
  path: '/api/pictures/from',
  method: 'POST',
  by: 'signedIn',
  fields: { classId: idSchema, address: { type: 'string', maxLength: 2000 } },
}).answers<{ readonly pictureId: string; readonly perceptualHash: string }>();
