import { deed } from '../deed';

/** Says that a class is set up: its teacher has gone through all there is to settle. */
export const settleClass = deed({
  name: 'settleClass',
  on: 'class',
  action: 'class.change',
}).answers<null>();
