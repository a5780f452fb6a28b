import type { Requirement } from '../../core/requirements/requirement';
import { requirementSchema } from '../../core/requirements/requirementSchema';
import { deed } from '../deed';
import { schemaOf } from '../input';

/** Keeps requirements under a name, to be used again; shared ones by every teacher of the install. */
export const keepRequirementSet = deed({
  name: 'keepRequirementSet',
  on: 'class',
  action: 'assignment.make',
  fields: {
    title: { type: 'string', minLength: 1, maxLength: 120 },
    requirements: schemaOf<readonly Requirement[]>({
      type: 'array',
      minItems: 1,
      maxItems: 40,
      items: requirementSchema,
    }),
    shared: { type: 'boolean' },
  },
}).answers<{ readonly setId: string }>();
