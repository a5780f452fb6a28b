import { idSchema } from '../idSchema';
import { deed } from '../deed';

/** Answers a question, to who asked alone or to everybody who has the assignment. */
export const answerQuestion = deed({
  name: 'answerQuestion',
  on: 'assignment',
  action: 'question.answer',
  fields: {
    questionId: idSchema,
    answer: { type: 'string', minLength: 1, maxLength: 2000 },
    /** What was asked in the teacher's own words, for everybody; null answers who asked alone. */
    toAll: { anyOf: [{ type: 'string', minLength: 1, maxLength: 1000 }, { type: 'null' }] },
  },
}).answers<null>();
