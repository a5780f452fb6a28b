import type { OpenResult } from '../../core/requirements/post';
import { idSchema } from '../idSchema';
import { door } from '../door';

/** Asks whether the addresses in what somebody writes open for a stranger. */
export const lookAtLinks = door({
  path: '/api/links',
  method: 'POST',
  by: 'signedIn',
  fields: {
    writingId: idSchema,
    addresses: { type: 'array', maxItems: 60, items: { type: 'string', maxLength: 2000 } },
  },
}).answers<{ readonly results: Readonly<Record<string, OpenResult>> }>();
