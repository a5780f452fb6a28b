import { deed } from '../deed';

/** Makes an account for a grown-up of the school, who chooses the password by a link that comes by mail. */
export const makeAccount = deed({
  name: 'makeAccount',
  on: 'install',
  action: 'install.manage',
  fields: {
    givenName: { type: 'string', maxLength: 120 },
    familyName: { type: 'string', maxLength: 120 },
    email: { type: 'string', maxLength: 254 },
    account: { enum: ['teacher', 'administrator'] },
  },
}).answers<{ readonly personId: string }>();
