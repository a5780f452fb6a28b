import { deed } from '../deed';
import { joinDecision } from './decideJoining';

/** An administrator decides the same, for whichever home class. */
export const decideJoiningAnywhere = deed({
  name: 'decideJoiningAnywhere',
  on: 'install',
  action: 'install.manage',
  fields: joinDecision,
}).answers<null>();
