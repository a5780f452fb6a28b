import { LONGEST_ANSWER } from '../../core/safety/case';
import { deed } from '../deed';

/** Keeps an answer as it is typed; nobody else reads it until it is sent. */
export const keepAnswer = deed({
  name: 'keepAnswer',
  on: 'case',
  action: 'case.tend',
  unlogged: true,
  fields: { typed: { type: 'string', maxLength: LONGEST_ANSWER } },
}).answers<null>();
