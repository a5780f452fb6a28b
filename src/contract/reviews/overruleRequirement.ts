import { deed } from '../deed';
import { asWhomField } from './asWhom';

/** Counts a requirement as met that the machine did not find so, or the other way, with a reason; null goes back to what it found. */
export const overruleRequirement = deed({
  name: 'overruleRequirement',
  on: 'handIn',
  action: 'post.review',
  fields: {
    requirementId: { type: 'string', maxLength: 60 },
    met: { type: ['boolean', 'null'] },
    reason: { type: 'string', maxLength: 300 },
    ...asWhomField,
  },
  optional: ['second'],
}).answers<null>();
