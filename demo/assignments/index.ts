import type { DemoAssignment } from './demoAssignment';
import { INSTRUMENT } from './instrument';
import { LOG } from './log';
import { SAYINGS } from './sayings';
import { SKIES } from './skies';
import { STORM } from './storm';

export type { DemoAssignment } from './demoAssignment';

export const ASSIGNMENTS: readonly DemoAssignment[] = [INSTRUMENT, SKIES, SAYINGS, LOG, STORM];

export const CLASS_LABELS = [
  'three-skies',
  'cirrus',
  'cumulus',
  'stratus',
  'how-it-works',
  'weather-sayings',
  'sky-log',
  'storm',
  'harbour',
  'farm',
  'town',
  'sea',
  'wind',
  'rain',
  'ice',
];
