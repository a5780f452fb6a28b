import { idSchema } from '../idSchema';
import { deed } from '../deed';

/** Takes back what was answered to everybody. */
export const dropAnswer = deed({
  name: 'dropAnswer',
  on: 'assignment',
  action: 'question.answer',
  fields: { answerId: idSchema },
}).answers<null>();
