import { AUDIENCES } from '../../core/access/audience';
import { deed } from '../deed';
import { detailKeySchema } from '../details/meanDetail';
import { schemaOf } from '../input';

/** Who is to read a post. */
export const readersFields = {
  audience: { enum: AUDIENCES },
  /** The personal details in it that the teacher has seen and lets out, by their keys. */
  details: schemaOf<readonly string[]>({ type: 'array', maxItems: 1000, items: detailKeySchema }),
} as const;

/** A teacher decides who reads an accepted post: publishes it, widens or narrows its audience. See `narrowPost`, too. */
export const publish = deed({
  name: 'publish',
  on: 'post',
  action: 'post.publish',
  fields: readersFields,
  optional: ['details'],
}).answers<null>();
