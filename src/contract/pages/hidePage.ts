import { deed } from '../deed';

/** Takes a page from its readers; who tends it goes on seeing it. */
export const hidePage = deed({
  name: 'hidePage',
  on: 'page',
  action: 'page.tend',
  whileResting: true,
}).answers<object>();
