import { deed } from '../deed';

/** Takes back the second reading of an assignment, as far as it is not done. */
export const dropSecondReading = deed({
  name: 'dropSecondReading',
  on: 'assignment',
  action: 'reading.ask',
}).answers<{ readonly dropped: number }>();
