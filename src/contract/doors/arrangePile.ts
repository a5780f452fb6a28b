import { ARRANGEMENTS } from '../../core/posts/pile';
import { door } from '../door';
import { idSchema } from '../idSchema';

/** How the reading pile of whoever asks lies from now on, and the one class whose posts lie on it; null for all of theirs. */
export const arrangePile = door({
  path: '/api/pile',
  method: 'PUT',
  by: 'signedIn',
  fields: {
    by: { enum: ARRANGEMENTS },
    classId: { anyOf: [idSchema, { type: 'null' }] },
  },
}).answers<null>();
