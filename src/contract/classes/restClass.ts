import { deed } from '../deed';

/** Puts a class to rest, readable and closed to writing, or wakes it. */
export const restClass = deed({
  name: 'restClass',
  on: 'class',
  action: 'class.guard',
  whileResting: true,
  fields: {
    rest: { type: 'boolean' },
  },
}).answers<null>();
