import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Changes what somebody is in the install. The last administrator stays one. */
export const changeAccount = deed({
  name: 'changeAccount',
  on: 'install',
  action: 'install.manage',
  fields: {
    personId: idSchema,
    /** Null takes the account's rights away; classes that the person teaches stay theirs. */
    account: { enum: ['teacher', 'administrator', null] },
  },
}).answers<null>();
