import { deed } from '../deed';

/** Takes the latest hand-in back, as long as no teacher has opened it. */
export const takeBack = deed({
  name: 'takeBack',
  on: 'post',
  action: 'post.takeBack',
}).answers<null>();
