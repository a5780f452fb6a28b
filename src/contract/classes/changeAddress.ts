import { deed } from '../deed';

/** Gives a class blog another address. The old one goes on working and leads to the new one. */
export const changeAddress = deed({
  name: 'changeAddress',
  on: 'class',
  action: 'class.change',
  fields: {
    address: { type: 'string', maxLength: 100 },
  },
}).answers<null>();
