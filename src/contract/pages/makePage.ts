import { deed } from '../deed';

/** Begins a page of the class blog, behind all the others. Only those who tend pages see it until it is shown. */
export const makePage = deed({
  name: 'makePage',
  on: 'class',
  action: 'page.tend',
}).answers<{ readonly pageId: string }>();
