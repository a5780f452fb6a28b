import type { ClassPicture } from '../../core/posts/classPicture';
import { deed } from '../deed';

/** The pictures of a class that somebody can choose among, the latest first. */
export const listClassPictures = deed({
  name: 'listClassPictures',
  on: 'class',
  action: 'picture.add',
  looksOnly: true,
  outside: true,
  whileResting: true,
}).answers<{ readonly pictures: readonly ClassPicture[] }>();
