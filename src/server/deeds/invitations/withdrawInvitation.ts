import { withdrawInvitation as deed } from '../../../contract/invitations/withdrawInvitation';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { lockInvitation, markWithdrawn } from '../../tables/invitations';
import { classUseCase } from '../subjects/classUseCase';

export const withdrawInvitation = classUseCase(deed, {
  async run({ classId, invitationId }, _, { database, now }) {
    const invitation = await lockInvitation(database, invitationId);
    if (!invitation || invitation.classId !== classId) return NOT_THERE;
    if (invitation.acceptedAt) return refused('invitation.used');
    await markWithdrawn(database, invitationId, now);
    return done(null);
  },
});
