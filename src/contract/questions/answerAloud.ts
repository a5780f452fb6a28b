import { idSchema } from '../idSchema';
import { deed } from '../deed';

/** Says that questions were answered in class: they are closed for all who asked the same. */
export const answerAloud = deed({
  name: 'answerAloud',
  on: 'assignment',
  action: 'question.answer',
  fields: { questionIds: { type: 'array', minItems: 1, maxItems: 200, items: idSchema } },
}).answers<{ readonly closed: number }>();
