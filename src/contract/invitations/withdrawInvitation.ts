import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Takes an invitation back: its link stops working. */
export const withdrawInvitation = deed({
  name: 'withdrawInvitation',
  on: 'class',
  action: 'roster.change',
  whileResting: true,
  fields: {
    invitationId: idSchema,
  },
}).answers<null>();
