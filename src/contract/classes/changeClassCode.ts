import { deed } from '../deed';

/** Gives a class another code. Whoever is signed in stays so, and every passcode stays as it is. */
export const changeClassCode = deed({
  name: 'changeClassCode',
  on: 'class',
  action: 'class.guard',
}).answers<{ readonly code: string }>();
