import { AUDIENCES } from '../../core/access/audience';
import { maybeLocalMinuteSchema } from '../../core/timing/localMinuteSchema';
import { deed } from '../deed';
import { detailKeySchema } from '../details/meanDetail';
import { schemaOf } from '../input';

/** A teacher decides who reads an accepted post: publishes it, widens or narrows its audience. See `narrowPost`, too. */
export const publish = deed({
  name: 'publish',
  on: 'post',
  action: 'post.publish',
  fields: {
    audience: { enum: AUDIENCES },
    /** The personal details in it that the teacher has seen and lets out, by their keys. */
    details: schemaOf<readonly string[]>({ type: 'array', maxItems: 1000, items: detailKeySchema }),
    /** When, local to the class's time zone, `2026-11-19T16:00`; null or absent for now. All that is asked now is asked then again. */
    at: maybeLocalMinuteSchema,
  },
  optional: ['details', 'at'],
}).answers<null>();
