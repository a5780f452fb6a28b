import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Draws who reads whom now; the texts are taken as they stand five minutes later. */
export const makePeerGroups = deed({
  name: 'makePeerGroups',
  on: 'assignment',
  action: 'peer.arrange',
}).answers<{ readonly roundId: string }>();

/** Takes groups back before texts were taken: nobody is given anything. */
export const leavePeerGroups = deed({
  name: 'leavePeerGroups',
  on: 'assignment',
  action: 'peer.arrange',
  fields: { roundId: idSchema },
}).answers<null>();
