import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Notes from when to when a student is away, in all of their classes; why is not asked. */
export const noteAbsence = deed({
  name: 'noteAbsence',
  on: 'class',
  action: 'roster.change',
  fields: {
    personId: idSchema,
    /** Local days, both included. */
    from: { type: 'string', format: 'date' },
    to: { type: 'string', format: 'date' },
  },
}).answers<null>();

/** Takes an absence back, as if the student had been there. */
export const dropAbsence = deed({
  name: 'dropAbsence',
  on: 'class',
  action: 'roster.change',
  fields: { personId: idSchema, absenceId: idSchema },
}).answers<null>();
