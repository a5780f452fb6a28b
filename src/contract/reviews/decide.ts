import { maybeLocalMinuteSchema } from '../../core/timing/localMinuteSchema';
import { deed } from '../deed';
import { detailKeySchema } from '../details/meanDetail';
import { schemaOf } from '../input';
import { LONGEST_FIRST } from './sendBack';

/**
 * Decides about a hand-in: accepts it or sends it back. It is kept at once, and counts a few seconds later; until then it can be
 * undone, and nobody else sees anything of it.
 */
export const decide = deed({
  name: 'decide',
  on: 'handIn',
  action: 'post.review',
  unlogged: true,
  fields: {
    decision: { enum: ['accept', 'sendBack'] },
    /** As `accept` has them. */
    details: schemaOf<readonly string[]>({ type: 'array', maxItems: 1000, items: detailKeySchema }),
    opensAt: maybeLocalMinuteSchema,
    /** As `sendBack` has them. */
    until: maybeLocalMinuteSchema,
    first: { type: 'string', maxLength: LONGEST_FIRST },
  },
  optional: ['details', 'opensAt', 'until', 'first'],
}).answers<{
  /** After how many milliseconds it counts. */
  readonly countsIn: number;
}>();
