import type { DemoAssignment } from './demoAssignment';
import { INSTRUMENT } from './instrument';
import { LOG } from './log';
import { SAYINGS } from './sayings';
import { SKIES } from './skies';
import { STORM } from './storm';

export type { DemoAssignment } from './demoAssignment';

export const ASSIGNMENTS: readonly DemoAssignment[] = [INSTRUMENT, SKIES, SAYINGS, LOG, STORM];

/** The class's labels, some with what they are given to. */
export const CLASS_LABELS: readonly (readonly [label: string, meaning?: string])[] = [
  ['three-skies', 'three days of looking up'],
  ['cirrus', 'thin, torn streaks'],
  ['cumulus', 'heaps'],
  ['stratus', 'one grey sheet'],
  ['how-it-works'],
  ['weather-sayings'],
  ['sky-log'],
  ['storm'],
  ['harbour'],
  ['farm'],
  ['town'],
  ['sea'],
  ['wind'],
  ['rain'],
  ['ice'],
];
