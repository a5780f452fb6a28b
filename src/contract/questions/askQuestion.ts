import { idSchema } from '../idSchema';
import { deed } from '../deed';

/** Asks the teachers about an assignment, privately; a passage of the own draft may go along, and nothing else of it. */
export const askQuestion = deed({
  name: 'askQuestion',
  on: 'assignment',
  action: 'question.ask',
  // A line with a name and a time would tell whose it is where names are hidden; the question itself stands there.
  unlogged: true,
  fields: {
    words: { type: 'string', minLength: 1, maxLength: 1000 },
    /** The passage with the own post that it is from; null where it is about the assignment. */
    passage: {
      anyOf: [
        {
          type: 'object',
          required: ['postId', 'text'],
          additionalProperties: false,
          properties: { postId: idSchema, text: { type: 'string', minLength: 1, maxLength: 2000 } },
        },
        { type: 'null' },
      ],
    },
  },
}).answers<{ readonly questionId: string }>();
