import { deed } from '../deed';

/** Gives a grade back: from now on the writer sees it, with the lines that made it. One that was given back already changes with a reason. */
export const giveBackGrade = deed({
  name: 'giveBackGrade',
  on: 'handIn',
  action: 'post.review',
  fields: {
    /** Why it is another one than was given back before; the reason of a figure of the teacher's own counts too. */
    reason: { type: 'string', maxLength: 300 },
  },
  optional: ['reason'],
}).answers<null>();
