import { deed } from '../deed';

/** Gives a class another passphrase. Devices that had shown the old one are asked again. */
export const setPassphrase = deed({
  name: 'setPassphrase',
  on: 'class',
  action: 'class.guard',
  whileResting: true,
  fields: {
    /** Empty takes the passphrase away: nobody gets in with one any more. */
    passphrase: { type: 'string', maxLength: 200 },
  },
}).answers<null>();
