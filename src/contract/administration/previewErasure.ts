import { deed } from '../deed';
import { idSchema } from '../idSchema';
import type { PersonHoldings } from '../../core/privacy/holdings';

/** Says what there is of a person and would go, before anything is done. */
export const previewErasure = deed({
  name: 'previewErasure',
  on: 'install',
  action: 'install.manage',
  looksOnly: true,
  fields: { personId: idSchema },
}).answers<PersonHoldings>();
