import { deed } from '../deed';

/** Moves a page among the others of its class: readers find them in this order. */
export const placePage = deed({
  name: 'placePage',
  on: 'page',
  action: 'page.tend',
  fields: {
    /** Its new place among the pages of its class, from 0; beyond the last is the last. */
    place: { type: 'integer', minimum: 0, maximum: 1000 },
  },
}).answers<object>();
