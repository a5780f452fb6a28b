import { deed } from '../deed';

/** Notes that who asked has seen the answers to their questions. */
export const seeAnswers = deed({
  name: 'seeAnswers',
  on: 'assignment',
  action: 'question.ask',
  unlogged: true,
}).answers<null>();
