import type { Audience } from '../../core/access/audience';
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
  },
  optional: ['details'],
}).answers<{ readonly reaches: Audience | null }>();
