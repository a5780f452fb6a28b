import { peerRuleFields } from '../../core/peerReading/rule';
import { deed } from '../deed';

/** Says how the writers of an assignment read each other before they hand in, and when their texts are taken. */
export const keepPeerRule = deed({
  name: 'keepPeerRule',
  on: 'assignment',
  action: 'peer.arrange',
  fields: peerRuleFields,
}).answers<null>();

/** Leaves it: nobody reads anybody's draft for this assignment from now on. What was given back stays with its writers. */
export const dropPeerRule = deed({
  name: 'dropPeerRule',
  on: 'assignment',
  action: 'peer.arrange',
}).answers<null>();
