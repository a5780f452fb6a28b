import type { PersonHoldings } from '../../core/privacy/holdings';
import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Says what there is of a person and would go, before anything is done. */
export const previewErasure = deed({
  name: 'previewErasure',
  on: 'install',
  action: 'install.manage',
  looksOnly: true,
  fields: { personId: idSchema },
}).answers<PersonHoldings>();
