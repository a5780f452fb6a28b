import { deed } from '../deed';
import { asWhomField } from './asWhom';

/** Chooses a criterion's level. */
export const judge = deed({
  name: 'judge',
  on: 'handIn',
  action: 'post.review',
  fields: {
    criterionId: { type: 'string', maxLength: 60 },
    /** Index of the level; null takes a judgement back. */
    level: { anyOf: [{ type: 'integer', minimum: 0, maximum: 20 }, { type: 'null' }] },
    ...asWhomField,
  },
  optional: ['second'],
}).answers<null>();
