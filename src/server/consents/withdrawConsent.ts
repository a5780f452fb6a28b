import { withdrawConsent as deed } from '../../contract/consents/withdrawConsent';
import { done, NOT_THERE } from '../access/useCase';
import { classUseCase } from '../classes/classUseCase';
import { findMembership } from '../people/rosterQueries';
import { turnsOfPerson } from '../people/turnsOfPerson';
import { drawBackToWhatIsAllowed } from './appearances';
import { markConsentWithdrawn } from './queries';

export const withdrawConsent = classUseCase(deed, {
  turn: turnsOfPerson,
  async run({ classId, personId, consentId }, _, { database, personId: by, now }) {
    if (!(await findMembership(database, classId, personId))) return NOT_THERE;
    const withdrawn = await markConsentWithdrawn(database, { id: consentId, personId, by, at: now });
    if (withdrawn === 0) return NOT_THERE;
    return done({ drawnBack: await drawBackToWhatIsAllowed(database, personId, { by, now }) });
  },
});
