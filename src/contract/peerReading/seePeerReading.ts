import type { PeerStanding } from './peerShown';
import { deed } from '../deed';

/** How it stands with reading each other, for one of the writers. */
export const seePeerReading = deed({
  name: 'seePeerReading',
  on: 'assignment',
  action: 'peer.join',
  looksOnly: true,
}).answers<PeerStanding | null>();
