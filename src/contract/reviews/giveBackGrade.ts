import { deed } from '../deed';

/** Gives a grade back: from now on the writer sees it, with the lines that made it. */
export const giveBackGrade = deed({
  name: 'giveBackGrade',
  on: 'handIn',
  action: 'post.review',
}).answers<null>();
