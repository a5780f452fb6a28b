import { maybeLocalMinuteSchema } from '../../core/timing/localMinuteSchema';
import { adjustmentFields } from '../../core/assignments/adjustment';
import { deed } from '../deed';
import { personIds } from '../personIds';

/** Asks of one student, or of some, otherwise than of the others: later, less, or without a requirement. */
export const adjustAssignment = deed({
  name: 'adjustAssignment',
  on: 'assignment',
  action: 'assignment.change',
  fields: {
    personIds,
    /** Local to the class's time zone, `2026-11-19T16:00`; null for the assignment's own. */
    due: maybeLocalMinuteSchema,
    ...adjustmentFields,
  },
}).answers<object>();
