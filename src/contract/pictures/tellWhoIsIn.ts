import { OTHERS_IN_PICTURE } from '../../core/privacy/consent';
import { deed } from '../deed';
import { idSchema } from '../idSchema';
import type { DrawnBack } from '../publications/drawnBack';

/**
 * Says who is in a picture of the class: nobody (no people, no others), these students of the class, others. Who brought it says so,
 * until a teacher has. Whoever of them has not agreed to be shown keeps every post with it within the class.
 */
export const tellWhoIsIn = deed({
  name: 'tellWhoIsIn',
  on: 'class',
  action: 'picture.tell',
  fields: {
    pictureId: idSchema,
    people: { type: 'array', items: idSchema, maxItems: 60, uniqueItems: true },
    /** Others than students of the class. That they agreed is said by a teacher. */
    others: { enum: OTHERS_IN_PICTURE },
  },
}).answers<{ readonly drawnBack: readonly DrawnBack[] }>();
