import { deed } from '../deed';

/** Hides a comment from its readers, or shows it again. Its author goes on seeing it, and that it is hidden. */
export const tendComment = deed({
  name: 'tendComment',
  on: 'comment',
  action: 'comment.tend',
  fields: {
    hidden: { type: 'boolean' },
  },
}).answers<object>();
