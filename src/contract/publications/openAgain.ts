import { idSchema } from '../idSchema';
import { deed } from '../deed';

/**
 * Opens posts again that a lowered ceiling or a consent that was taken back has drawn back, each as far as ceiling, consent and its
 * writer's own wish allow by now.
 */
export const openAgain = deed({
  name: 'openAgain',
  on: 'class',
  action: 'class.guard',
  fields: {
    postIds: { type: 'array', minItems: 1, maxItems: 20_000, uniqueItems: true, items: idSchema },
  },
}).answers<{ readonly opened: number }>();
