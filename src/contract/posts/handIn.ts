import { deed } from '../deed';

/**
 * Hands a post in: its draft becomes a snapshot, and the evidence is computed from that. The same version handed in twice at
 * once is one hand-in with one receipt.
 */
export const handIn = deed({
  name: 'handIn',
  on: 'post',
  action: 'post.handIn',
  fields: {
    /** The version of the draft that the writer has before the eyes. */
    version: { type: 'integer', minimum: 1 },
  },
}).answers<{ readonly receipt: number }>();
