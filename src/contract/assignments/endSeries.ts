import { deed } from '../deed';

/**
 * Ends a series in its class: what students see stays, what they do not see yet goes. The assignment itself can be changed and
 * set again, and goes its own way where the series was given to other classes.
 */
export const endSeries = deed({
  name: 'endSeries',
  on: 'assignment',
  action: 'assignment.change',
}).answers<{ readonly stay: number }>();
