import { localMinuteSchema } from '../../core/timing/localMinuteSchema';
import { deed } from '../deed';
import { idSchema } from '../idSchema';

/**
 * Gives an assignment to another class of the same teacher, with a due time of its own, or changes that. It stays one:
 * what is changed of it here is changed there, but not the days of a series. Where it is set already, it is set there at once.
 */
export const giveAssignment = deed({
  name: 'giveAssignment',
  on: 'assignment',
  action: 'assignment.change',
  fields: {
    /** The other class. */
    classId: idSchema,
    /** Local to that class's time zone, `2026-11-19T16:00`; null for a series, which has the same days there at first. */
    due: { anyOf: [localMinuteSchema, { type: 'null' }] },
  },
}).answers<{ readonly assignmentId: string }>();
