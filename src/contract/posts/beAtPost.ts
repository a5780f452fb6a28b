import { deed } from '../deed';

/** A page says that it has a post open to write, and is told on how many other pages it is open too. */
export const beAtPost = deed({
  name: 'beAtPost',
  on: 'post',
  action: 'post.write',
  looksOnly: true,
  fields: {
    /** A name that the page has drawn by lot for itself. */
    page: { type: 'string', pattern: '^[0-9a-f-]{32,36}$' },
    /** True when the page is being left. */
    leaving: { type: 'boolean' },
  },
  optional: ['leaving'],
}).answers<{ readonly others: number }>();
