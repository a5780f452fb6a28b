import type { Requirement } from '../../core/requirements/requirement';
import { requirementSchema } from '../../core/requirements/requirementSchema';
import { schemaOf } from '../input';

/** JSON Schema of the requirements of an assignment. */
export const requirementsSchema = schemaOf<readonly Requirement[]>({
  type: 'array',
  maxItems: 40,
  items: requirementSchema,
});
