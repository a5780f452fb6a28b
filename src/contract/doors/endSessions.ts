import { doorOf } from '../door';
import { idSchema } from '../idSchema';

/** Ends one of a person's own sessions, or all but the present one. */
export const endSessions = doorOf<{ readonly id: string } | { readonly others: true }>({
  path: '/api/sessions',
  method: 'DELETE',
  by: 'signedIn',
  input: {
    type: 'object',
    additionalProperties: false,
    minProperties: 1,
    properties: { id: idSchema, others: { const: true } },
  },
}).answers<null>();
