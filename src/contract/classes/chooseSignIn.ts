import { deed } from '../deed';

/** Chooses what new sign-in cards carry, and whether names are chosen from a list or typed. Cards in use stay valid. */
export const chooseSignIn = deed({
  name: 'chooseSignIn',
  on: 'class',
  action: 'class.guard',
  fields: {
    passcodeKind: { enum: ['pictures', 'digits'] },
    namesTyped: { type: 'boolean' },
  },
}).answers<null>();
