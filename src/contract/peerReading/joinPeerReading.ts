import { deed } from '../deed';

/** Lets a writer who has something to show only now join those who read each other: their text goes to the smallest group. */
export const joinPeerReading = deed({
  name: 'joinPeerReading',
  on: 'assignment',
  action: 'peer.join',
}).answers<null>();
