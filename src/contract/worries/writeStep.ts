import { LONGEST_STEP } from '../../core/safety/case';
import { deed } from '../deed';

/** Writes down what was done about a case, with its time. */
export const writeStep = deed({
  name: 'writeStep',
  on: 'case',
  action: 'case.tend',
  unlogged: true,
  fields: { words: { type: 'string', maxLength: LONGEST_STEP } },
}).answers<null>();
