import type { LabelDrawing } from '../../src/core/labels/labelSet';
import type { DemoAssignment } from './demoAssignment';
import { INSTRUMENT } from './instrument';
import { LOG } from './log';
import { SAYINGS } from './sayings';
import { SKIES } from './skies';
import { STORM } from './storm';

export type { DemoAssignment } from './demoAssignment';

export const ASSIGNMENTS: readonly DemoAssignment[] = [INSTRUMENT, SKIES, SAYINGS, LOG, STORM];

type DemoLabel = readonly [label: string, meaning?: string, drawing?: LabelDrawing];

/** The class's labels, some with what they are given to. */
export const CLASS_LABELS: readonly DemoLabel[] = [
  ['three-skies', 'three days of looking up', 'layers'],
  ['cirrus', 'thin, torn streaks', 'feather'],
  ['cumulus', 'heaps', 'cloud'],
  ['stratus', 'one grey sheet', 'waves'],
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
