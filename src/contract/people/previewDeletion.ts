import type { PersonHoldings } from '../../core/privacy/holdings';
import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Says what there is of a student and when it would go, before anything is done. */
export const previewDeletion = deed({
  name: 'previewDeletion',
  on: 'class',
  action: 'roster.change',
  looksOnly: true,
  fields: { personId: idSchema },
}).answers<PersonHoldings>();
