import { withdrawConsent as deed } from '../../../contract/consents/withdrawConsent';
import { done, NOT_THERE } from '../../ground/access/useCase';
import { findMembership } from '../../tables/memberships';
import { markConsentWithdrawn } from '../../tables/consents';
import { classUseCase } from '../subjects/classUseCase';
import { turnsOfPerson } from '../subjects/turnsOfPerson';
import { drawBackToWhatIsAllowed } from './drawBackToWhatIsAllowed';

export const withdrawConsent = classUseCase(deed, {
  turn: turnsOfPerson,
  async run({ classId, personId, consentId }, _, { database, personId: by, now }) {
    if (!(await findMembership(database, classId, personId))) return NOT_THERE;
    const withdrawn = await markConsentWithdrawn(database, { id: consentId, personId, by, at: now });
    if (withdrawn === 0) return NOT_THERE;
    return done({ drawnBack: await drawBackToWhatIsAllowed(database, personId, { by, now }) });
  },
});
