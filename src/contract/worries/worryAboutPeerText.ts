import type { Told } from '../../core/safety/told';
import { deed } from '../deed';
import { worryWordsSchema } from './worryWords';

/** Tells whoever looks after worries about a draft that one was given to read. */
export const worryAboutPeerText = deed({
  name: 'worryAboutPeerText',
  on: 'peerReading',
  action: 'peer.read',
  unlogged: true,
  whileResting: true,
  fields: { words: worryWordsSchema },
}).answers<Told>();
