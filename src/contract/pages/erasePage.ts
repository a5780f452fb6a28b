import { deed } from '../deed';

/** Erases a page with all that was kept of it, for good. */
export const erasePage = deed({
  name: 'erasePage',
  on: 'page',
  action: 'page.erase',
}).answers<object>();
