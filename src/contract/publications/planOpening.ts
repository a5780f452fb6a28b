import { localMinuteSchema } from '../../core/timing/localMinuteSchema';
import { deed } from '../deed';
import { readersFields } from './publish';

/** Opens an accepted post at a time: all that `publish` asks is asked now, and then again. */
export const planOpening = deed({
  name: 'planOpening',
  on: 'post',
  action: 'post.publish',
  fields: {
    ...readersFields,
    /** Local to the class's time zone, `2026-11-19T16:00`. */
    at: localMinuteSchema,
  },
  optional: ['details'],
}).answers<null>();
