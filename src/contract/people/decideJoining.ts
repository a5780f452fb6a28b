import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** What is decided of a request to take a student in. */
export const joinDecision = {
  /** The class that asks. */
  askingClassId: idSchema,
  personId: idSchema,
  grant: { type: 'boolean' },
} as const;

/** A teacher of a student's home class lets another class take the student in too, or says no. Both logs have it. */
export const decideJoining = deed({
  name: 'decideJoining',
  on: 'class',
  action: 'roster.change',
  whileResting: true,
  fields: joinDecision,
}).answers<null>();
