import { deed } from '../deed';

/** Gives another grade than the computed one, with a reason. */
export const setGrade = deed({
  name: 'setGrade',
  on: 'handIn',
  action: 'post.review',
  fields: {
    /** The teacher's own figure; null goes back to the computed one. */
    grade: { anyOf: [{ type: 'number', minimum: 0, maximum: 100_000 }, { type: 'null' }] },
    reason: { type: 'string', maxLength: 300 },
  },
}).answers<null>();
