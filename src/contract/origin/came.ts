import { WAYS, type CameAtOnce } from '../../core/origin/countSave';
import { schemaOf } from '../input';

/** So many passages that came at once are told with one save; a page that has more tells the latest of them. */
export const MOST_CAME = 100;

/** JSON Schema of what came into a text at once. */
export const cameSchema = schemaOf<readonly CameAtOnce[]>({
  type: 'array',
  maxItems: MOST_CAME,
  items: {
    type: 'object',
    required: ['from', 'to', 'way'],
    additionalProperties: false,
    properties: {
      from: { type: 'integer', minimum: 0 },
      to: { type: 'integer', minimum: 0 },
      way: { enum: WAYS },
    },
  },
});
