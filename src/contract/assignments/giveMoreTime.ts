import { localMinuteSchema } from '../../core/timing/localMinuteSchema';
import { deed } from '../deed';
import { personIds } from '../personIds';

/** Gives some students of a class longer for an assignment; what else is asked of them otherwise stays. */
export const giveMoreTime = deed({
  name: 'giveMoreTime',
  on: 'assignment',
  action: 'assignment.change',
  fields: {
    personIds,
    /** Local to the class's time zone, `2026-11-19T16:00`. */
    due: localMinuteSchema,
  },
}).answers<{ readonly moved: number }>();
