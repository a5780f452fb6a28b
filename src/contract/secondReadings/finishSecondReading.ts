import { deed } from '../deed';

/** Says that one has judged a post a second time; from then on both figures stand beside each other. */
export const finishSecondReading = deed({
  name: 'finishSecondReading',
  on: 'handIn',
  action: 'reading.finish',
}).answers<null>();
