import { PRESSED_HOURS } from '../../core/classes/deskRules';
import { deed } from '../deed';

/** Says for the whole school how long at most a press may have waited for the line and count all the same. */
export const changeSchoolSpan = deed({
  name: 'changeSchoolSpan',
  on: 'install',
  action: 'install.manage',
  fields: { pressedHours: { enum: PRESSED_HOURS } },
}).answers<null>();
