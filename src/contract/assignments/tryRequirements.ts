import type { Answer } from '../../core/requirements/answer';
import { deed } from '../deed';
import { idSchema } from '../idSchema';
import { requirementsSchema } from './requirementsSchema';

/** Runs requirements that are being edited on something that was handed in before. Nothing is changed. */
export const tryRequirements = deed({
  name: 'tryRequirements',
  on: 'assignment',
  action: 'assignment.change',
  looksOnly: true,
  outside: true,
  fields: {
    requirements: requirementsSchema,
    /** A post of the class that was handed in. */
    postId: idSchema,
  },
}).answers<Answer>();
