import { fileDoor } from '../fileDoor';
import { idSchema } from '../idSchema';

export interface AddedPicture {
  readonly pictureId: string;
  readonly perceptualHash: string;
  /** In pixels, as it is kept. */
  readonly width: number;
  readonly height: number;
}

/** Brings a picture into a class. */
export const addPicture = fileDoor({
  path: '/api/pictures',
  fields: { classId: idSchema },
  most: 15 * 1024 * 1024,
  refusals: 'picture',
}).answers<AddedPicture>();
