import { deed } from '../deed';

/**
 * Measures what was handed in anew by the assignment's requirements as they stand. What a grade was given back for stays. All of
 * a class takes a while, so it is measured first and written then, unless the requirements have changed meanwhile.
 */
export const reviseEvidence = deed({
  name: 'reviseEvidence',
  on: 'assignment',
  action: 'assignment.change',
}).answers<{ readonly revised: number }>();
