import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Sends an invitation again, to a corrected address if need be. The earlier link stops working. */
export const resendInvitation = deed({
  name: 'resendInvitation',
  on: 'class',
  action: 'roster.change',
  fields: {
    invitationId: idSchema,
    /** Where it goes now: the same address again, or a corrected one. */
    email: { type: 'string', maxLength: 254 },
  },
}).answers<null>();
