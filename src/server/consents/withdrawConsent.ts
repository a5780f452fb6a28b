import { idSchema } from '../input/idSchema';
import { done, NOT_THERE } from '../access/useCase';
import { classUseCase } from '../classes/classUseCase';
import { findMembership } from '../people/rosterQueries';
import { turnsOfPerson } from '../people/turnsOfPerson';
import type { DrawnBack } from '../publications/drawBack';
import { drawBackToWhatIsAllowed } from './appearances';
import { markConsentWithdrawn } from './queries';

interface Input {
  readonly classId: string;
  readonly personId: string;
  readonly consentId: string;
}

/** Withdraws a consent. What it held before readers outside is drawn back to the class by itself, and named. */
export const withdrawConsent = classUseCase<Input, { readonly drawnBack: readonly DrawnBack[] }>({
  name: 'withdrawConsent',
  action: 'roster.change',
  whileResting: true,
  turn: turnsOfPerson,
  fields: {
    personId: idSchema,
    consentId: idSchema,
  },
  async run({ classId, personId, consentId }, _, { database, personId: by, now }) {
    if (!(await findMembership(database, classId, personId))) return NOT_THERE;
    const withdrawn = await markConsentWithdrawn(database, { id: consentId, personId, by, at: now });
    if (withdrawn === 0) return NOT_THERE;
    return done({ drawnBack: await drawBackToWhatIsAllowed(database, personId, { by, now }) });
  },
});
