import { WORDS_DECISIONS } from '../../core/safety/case';
import { deed } from '../deed';

/** Decides about the words of a case: they are back before their readers, or stay away. It can be decided otherwise later. */
export const decideWords = deed({
  name: 'decideWords',
  on: 'case',
  action: 'case.tend',
  unlogged: true,
  fields: { decision: { enum: WORDS_DECISIONS } },
}).answers<null>();
