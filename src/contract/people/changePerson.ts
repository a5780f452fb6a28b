import { deed } from '../deed';
import { idSchema } from '../idSchema';

const text = <const Most extends number>(maxLength: Most) => ({ type: 'string', maxLength }) as const;

/** Changes what is known of a student: names, pen name, address, identifier, group. What is empty is not known. */
export const changePerson = deed({
  name: 'changePerson',
  on: 'class',
  action: 'roster.change',
  fields: {
    personId: idSchema,
    givenName: text(400),
    familyName: text(400),
    penName: text(80),
    email: text(254),
    schoolId: text(100),
    group: text(60),
  },
}).answers<null>();
