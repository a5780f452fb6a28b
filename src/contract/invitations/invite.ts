import { deed } from '../deed';

/** Asks somebody into a class by mail: a co-teacher, a supply teacher, a student editor, a reader, or a student who has an address. */
export const invite = deed({
  name: 'invite',
  on: 'class',
  action: 'roster.change',
  fields: {
    role: { enum: ['coTeacher', 'supplyTeacher', 'studentEditor', 'student', 'reader'] },
    email: { type: 'string', maxLength: 254 },
    /** The student of the roster that it is for; null for everybody else. */
    personId: { type: ['string', 'null'], maxLength: 16 },
    /** The last day of a supply teacher, a local date; null for everybody else. */
    lastDay: { type: ['string', 'null'], format: 'date' },
  },
  optional: ['lastDay'],
}).answers<{ readonly invitationId: string }>();
