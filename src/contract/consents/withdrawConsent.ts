import { deed } from '../deed';
import { idSchema } from '../idSchema';
import type { DrawnBack } from '../publications/drawnBack';

/** Withdraws a consent. What it held before readers outside is drawn back to the class by itself, and named. */
export const withdrawConsent = deed({
  name: 'withdrawConsent',
  on: 'class',
  action: 'roster.change',
  whileResting: true,
  fields: {
    personId: idSchema,
    consentId: idSchema,
  },
}).answers<{ readonly drawnBack: readonly DrawnBack[] }>();
