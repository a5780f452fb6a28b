import { deed } from '../deed';

/**
 * A page says that it has a post open to write, and is told on how many other pages it is open too, and whether something is new
 * with reading each other.
 */
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
}).answers<{
  readonly others: number;
  /** How it stands with reading each other, as a key that is another whenever that is; null where nobody does, and for who types in. */
  readonly peers: string | null;
}>();
