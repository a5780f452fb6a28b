import { deed } from '../deed';

/** Gives a post a passphrase of its own, for readers who are not to read the other posts. */
export const setPostPassphrase = deed({
  name: 'setPostPassphrase',
  on: 'post',
  action: 'post.publish',
  whileResting: true,
  fields: {
    /** Empty takes it away: the class's passphrase opens the post alone. */
    passphrase: { type: 'string', maxLength: 200 },
  },
}).answers<null>();
