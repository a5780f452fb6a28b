import { AUDIENCES } from '../../core/access/audience';
import { deed } from '../deed';
import type { DrawnBack } from '../publications/drawnBack';

/** Says which posts would be drawn back, before it is done. */
export const previewPrivacy = deed({
  name: 'previewPrivacy',
  on: 'class',
  action: 'class.guard',
  looksOnly: true,
  whileResting: true,
  fields: {
    ceiling: { enum: AUDIENCES },
    consentNeeded: { type: 'boolean' },
  },
}).answers<{ readonly drawnBack: readonly DrawnBack[] }>();
