import { CONSENT_RELATIONS, CONSENT_PURPOSES } from '../../core/privacy/consent';
import { deed } from '../deed';
import { personIds } from '../personIds';

/** Writes down a consent: who gave it, in what relation, when, for what, until when. */
export const recordConsent = deed({
  name: 'recordConsent',
  on: 'class',
  action: 'roster.change',
  whileResting: true,
  fields: {
    personIds: { ...personIds, maxItems: 200 },
    givenBy: { type: 'string', maxLength: 200 },
    relation: { enum: CONSENT_RELATIONS },
    purposes: { type: 'array', minItems: 1, uniqueItems: true, items: { enum: CONSENT_PURPOSES } },
    givenOn: { type: 'string', format: 'date' },
    /** The last day on which it holds; null for one without an end. */
    until: { type: ['string', 'null'], format: 'date' },
  },
}).answers<null>();
