import type { DocumentJson } from '../../core/document/openDocument';
import { deed } from '../deed';
import { schemaOf } from '../input';

/** Saves what is written of a page, unless somebody else saved meanwhile. Readers see none of it until it is shown. */
export const savePage = deed({
  name: 'savePage',
  on: 'page',
  action: 'page.tend',
  unlogged: true,
  fields: {
    /** The version that the changes were made on. */
    version: { type: 'integer', minimum: 1 },
    title: { type: 'string', maxLength: 300 },
    body: schemaOf<DocumentJson>({ type: 'object' }),
  },
}).answers<{ readonly version: number }>();
