import { door } from '../door';
import type { SourceShown } from '../fileDoors/addSource';
import { idSchema } from '../idSchema';

/** Gives an assignment a page that own words are compared with, as it reads now. */
export const addSourceAddress = door({
  path: '/api/sources/address',
  method: 'POST',
  by: 'signedIn',
  fields: { assignmentId: idSchema, address: { type: 'string', maxLength: 2000 } },
}).answers<SourceShown>();
