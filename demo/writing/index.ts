import type { DemoPost } from './demoPost';
import { FURTHER_INSTRUMENTS } from './furtherInstruments';
import { FURTHER_SAYINGS } from './furtherSayings';
import { INSTRUMENTS } from './instruments';
import { LOG } from './log';
import { SAYINGS } from './sayings';
import { SKIES } from './skies';

/** Every post of the demo class. */
export const POSTS: readonly DemoPost[] = [
  ...INSTRUMENTS,
  ...FURTHER_INSTRUMENTS,
  ...SAYINGS,
  ...FURTHER_SAYINGS,
  ...SKIES,
  ...LOG,
];
