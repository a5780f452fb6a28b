import { deed } from '../deed';
import { asWhomField } from './asWhom';

/** Says whether a post has what a requirement looks for by eye. */
export const judgeRequirement = deed({
  name: 'judgeRequirement',
  on: 'handIn',
  action: 'post.review',
  fields: {
    requirementId: { type: 'string', maxLength: 60 },
    /** Null takes it back: the requirement waits for a teacher again. */
    judgement: { enum: ['yes', 'partly', 'no', null] },
    ...asWhomField,
  },
  optional: ['second'],
}).answers<null>();
