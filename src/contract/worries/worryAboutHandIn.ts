import type { Told } from '../../core/safety/told';
import { deed } from '../deed';
import { worryWordsSchema } from './worryWords';

/** Tells whoever looks after worries about what was handed in. Cases have a log of their own: none of it stands in the class's. */
export const worryAboutHandIn = deed({
  name: 'worryAboutHandIn',
  on: 'post',
  action: 'post.readHandIn',
  unlogged: true,
  whileResting: true,
  fields: { words: worryWordsSchema },
}).answers<Told>();
