import type { Requirement } from '../../core/requirements/requirement';
import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** The requirements of a kept set, or of another assignment of one's classes, to be used in this one. */
export const readRequirements = deed({
  name: 'readRequirements',
  on: 'assignment',
  action: 'assignment.change',
  looksOnly: true,
  fields: {
    from: { enum: ['set', 'assignment'] },
    id: idSchema,
  },
}).answers<{ readonly requirements: readonly Requirement[] }>();
