import { LONGEST_ANSWER } from '../../core/safety/case';
import { deed } from '../deed';

/** Answers whoever told; they alone read it. It is sent once. */
export const answerTeller = deed({
  name: 'answerTeller',
  on: 'case',
  action: 'case.tend',
  unlogged: true,
  fields: { answer: { type: 'string', maxLength: LONGEST_ANSWER } },
}).answers<null>();
