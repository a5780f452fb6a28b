import { MAIL_CHOICES } from '../../core/people/notices';
import { door } from '../door';

/** How soon somebody wants to be written to about what waits for them. */
export const chooseMail = door({
  path: '/api/mail',
  method: 'PUT',
  by: 'signedIn',
  fields: { choice: { enum: MAIL_CHOICES } },
}).answers<null>();
