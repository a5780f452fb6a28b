import { wordsNameSchema } from '../../core/peerReading/rule';
import { deed } from '../deed';

/** Gives notes and answers to the writer. */
export const givePeerReading = deed({
  name: 'givePeerReading',
  on: 'peerReading',
  action: 'peer.read',
}).answers<null>();

/** Notes that a reader has the text before their eyes. */
export const openPeerReading = deed({
  name: 'openPeerReading',
  on: 'peerReading',
  action: 'peer.read',
  unlogged: true,
}).answers<null>();

/** Says that a reading helped, or that it did not. */
export const thankPeer = deed({
  name: 'thankPeer',
  on: 'peerReading',
  action: 'peer.thank',
  unlogged: true,
  fields: { useful: { type: 'boolean' } },
}).answers<null>();

/** Takes a note or an answer of a classmate back from its writer's eyes. */
export const takeBackPeerWords = deed({
  name: 'takeBackPeerWords',
  on: 'peerReading',
  action: 'peer.oversee',
  fields: { name: wordsNameSchema },
}).answers<null>();
