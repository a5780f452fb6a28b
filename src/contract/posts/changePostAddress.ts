import { deed } from '../deed';

export interface AddressOfPost {
  readonly address: string;
  /** What was asked for and waits for a teacher; null for nothing. */
  readonly asked: string | null;
}

/**
 * Gives a post another address on the class blog; the old one leads on to it. Where people outside the class read the post, the
 * address waits until a teacher accepts it.
 */
export const changePostAddress = deed({
  name: 'changePostAddress',
  on: 'post',
  action: 'post.write',
  fields: {
    /** As it is typed; what cannot stand in an address is taken out. */
    address: { type: 'string', minLength: 1, maxLength: 120, pattern: '[\\p{L}\\p{N}]' },
  },
}).answers<AddressOfPost>();
