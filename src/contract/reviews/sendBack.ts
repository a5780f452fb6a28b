import { maybeLocalMinuteSchema } from '../../core/timing/localMinuteSchema';
import { deed } from '../deed';

/** Longest line of what is to be seen to first, in UTF-16 units. */
export const LONGEST_FIRST = 1000;

/** Returns a post to its writer, notes and all. What readers see already stays as it is. */
export const sendBack = deed({
  name: 'sendBack',
  on: 'handIn',
  action: 'post.review',
  fields: {
    /** Until when it is asked for again, local to the class's time zone; null where nobody says. */
    until: maybeLocalMinuteSchema,
    /** What its writer is to see to first; empty where nobody says. */
    first: { type: 'string', maxLength: LONGEST_FIRST },
  },
  optional: ['until', 'first'],
}).answers<null>();
