import { deed } from '../deed';
import type { AtReview } from './atReview';

/** A page says that it has a waiting post open to be read, and is told who else is at it and how it stands. */
export const beAtReview = deed({
  name: 'beAtReview',
  on: 'handIn',
  action: 'post.review',
  looksOnly: true,
  fields: {
    /** True when the page is being left. */
    leaving: { type: 'boolean' },
  },
  optional: ['leaving'],
}).answers<AtReview>();
