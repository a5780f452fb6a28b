import type { Audience } from '../../core/access/audience';
import { maybeLocalMinuteSchema } from '../../core/timing/localMinuteSchema';
import { deed } from '../deed';
import { detailKeySchema } from '../details/meanDetail';
import { schemaOf } from '../input';

/** Accepts a hand-in; where the assignment says so, that very revision reaches its audience. */
export const accept = deed({
  name: 'accept',
  on: 'handIn',
  action: 'post.review',
  fields: {
    /** The personal details in it that the teacher has seen and lets out, by their keys. */
    details: schemaOf<readonly string[]>({ type: 'array', maxItems: 1000, items: detailKeySchema }),
    /** When its readers may read it, local to the class's time zone; null for as the assignment says. */
    opensAt: maybeLocalMinuteSchema,
  },
  optional: ['details', 'opensAt'],
}).answers<{ readonly reaches: Audience | null }>();
