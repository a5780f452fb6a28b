import { deed } from '../deed';

/** Asks somebody into a class by mail: a co-teacher, a student editor, a reader, or a student who has an address. */
export const invite = deed({
  name: 'invite',
  on: 'class',
  action: 'roster.change',
  fields: {
    role: { enum: ['coTeacher', 'studentEditor', 'student', 'reader'] },
    email: { type: 'string', maxLength: 254 },
    /** The student of the roster that it is for; null for everybody else. */
    personId: { type: ['string', 'null'], maxLength: 16 },
  },
}).answers<{ readonly invitationId: string }>();
